<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de">
<context>
    <name>Circuit</name>
    <message>
        <source>?</source>
        <translation>?</translation>
    </message>
    <message>
        <source>capacitor %1</source>
        <translation>Kondensator %1</translation>
    </message>
    <message>
        <source>coil, Re %1</source>
        <translation>Spule, Re %1</translation>
    </message>
    <message>
        <source>coil %1</source>
        <translation>Spule %1</translation>
    </message>
    <message>
        <source>coil, ohms not known</source>
        <translation>Spule, Ohm nicht bekannt</translation>
    </message>
    <message>
        <source>resistor %1</source>
        <translation>Widerstand %1</translation>
    </message>
    <message>
        <source>choke</source>
        <translation>Drossel</translation>
    </message>
</context>
<context>
    <name>FastenerText</name>
    <message>
        <source>one two three four five six seven eight nine ten eleven twelve</source>
        <translation>eins zwei drei vier fünf sechs sieben acht neun zehn elf zwölf</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>verdeckt</translation>
    </message>
    <message>
        <source>a</source>
        <translation>ein</translation>
    </message>
</context>
<context>
    <name>JobCard</name>
    <message>
        <source>Job card: %1</source>
        <translation>Auftragskarte: %1</translation>
    </message>
    <message>
        <source>Nothing is planned yet: what is planned is what was found. Choose a speaker in Match, and its steps appear here.</source>
        <translation>Noch ist nichts geplant: geplant ist, was vorgefunden wurde. Unter Auswahl einen Lautsprecher nehmen, dann stehen seine Schritte hier.</translation>
    </message>
    <message>
        <source>Still open</source>
        <translation>Noch offen</translation>
    </message>
    <message>
        <source>What it gives</source>
        <translation>Was es bringt</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>Wiring</source>
        <translation>Verdrahtung</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>The vehicle maker&apos;s instructions, local codes and licensed practice come before this card. It says what was computed and checked, no more.</source>
        <translation>Die Anleitung des Fahrzeugherstellers, örtliche Vorschriften und zugelassene Fachleute gehen dieser Karte vor. Sie sagt, was berechnet und geprüft wurde, mehr nicht.</translation>
    </message>
    <message>
        <source>about %1 by estimate, %2 to %3</source>
        <translation>etwa %1 geschätzt, %2 bis %3</translation>
    </message>
    <message>
        <source>work about %1 %2, by estimate</source>
        <translation>Arbeit etwa %1 %2, geschätzt</translation>
    </message>
    <message>
        <source>may cost %1 %2</source>
        <translation>darf %1 %2 kosten</translation>
    </message>
    <message>
        <source>not in the shop: %1</source>
        <translation>nicht in der Werkstatt: %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: source sees at least %2 at %3; clipping there %4, %5, %6</source>
        <translation>%1: Quelle sieht mindestens %2 bei %3; Clipping dort %4, %5, %6</translation>
    </message>
    <message>
        <source>; %1, nominal corner %2</source>
        <translation>; %1, nominelle Grenzfrequenz %2</translation>
    </message>
    <message>
        <source>; %1 in 250 Hz–4 kHz against before</source>
        <translation>; %1 in 250 Hz–4 kHz gegen vorher</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Reach at the %1: %2</source>
        <translation>Reichweite am %1: %2</translation>
    </message>
    <message>
        <source>Caution:</source>
        <translation>Vorsicht:</translation>
    </message>
    <message>
        <source>Job card</source>
        <translation>Auftragskarte</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>To be made</source>
        <translation>Selbst zu bauen</translation>
    </message>
    <message>
        <source>Labels for both ends</source>
        <translation>Schilder für beide Enden</translation>
    </message>
    <message>
        <source>House rules that are not the usual ones</source>
        <translation>Hausregeln, die nicht die üblichen sind</translation>
    </message>
    <message>
        <source>%1: %2 (%3)</source>
        <translation>%1: %2 (%3)</translation>
    </message>
    <message>
        <source>Where the speakers go</source>
        <translation>Wohin die Lautsprecher kommen</translation>
    </message>
    <message>
        <source>Mark both sides from the same edges; look behind, and keep clear of every restraint.</source>
        <translation>Beide Seiten von denselben Kanten anreißen; dahinter schauen und von jeder Rückhaltung Abstand halten.</translation>
    </message>
</context>
<context>
    <name>Paper</name>
    <message>
        <source>page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>Job card</source>
        <translation>Auftragskarte</translation>
    </message>
</context>
<context>
    <name>PinDrawing</name>
    <message>
        <source>%1, plug %2</source>
        <translation>%1, Stecker %2</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Plans the electrical and acoustic design of a car audio upgrade.</source>
        <translation>Plant die elektrische und akustische Seite eines Lautsprecherumbaus im Auto.</translation>
    </message>
    <message>
        <source>A plan to open (.reed).</source>
        <translation>Ein Plan, der geöffnet wird (.reed).</translation>
    </message>
    <message>
        <source>Start with the demo plan.</source>
        <translation>Mit dem Beispielplan beginnen.</translation>
    </message>
    <message>
        <source>Close again after the first painted window, to measure the start.</source>
        <translation>Nach dem ersten gezeichneten Fenster wieder schließen, um den Start zu messen.</translation>
    </message>
</context>
<context>
    <name>Recovery</name>
    <message>
        <source>Another window has taken this work up.</source>
        <translation>Ein anderes Fenster hat diese Arbeit aufgenommen.</translation>
    </message>
</context>
<context>
    <name>SavePath</name>
    <message>
        <source>Write over it?</source>
        <translation>Überschreiben?</translation>
    </message>
    <message>
        <source>There already: %1. Write over it?</source>
        <translation>Schon vorhanden: %1. Überschreiben?</translation>
    </message>
</context>
<context>
    <name>Sheets</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
</context>
<context>
    <name>Survey</name>
    <message>
        <source>%1 cannot be: a whole number is wanted.</source>
        <translation>%1 kann nicht sein: gefragt ist eine ganze Zahl.</translation>
    </message>
    <message>
        <source>%1 cannot be: allowed %2 to %3.</source>
        <translation>%1 kann nicht sein: erlaubt ist %2 bis %3.</translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message>
        <source>%1 m (%2 ft)</source>
        <translation>%1 m (%2 ft)</translation>
    </message>
    <message>
        <source>may be called</source>
        <translation>darf heißen</translation>
    </message>
    <message>
        <source>spacer</source>
        <translation>Distanzring</translation>
    </message>
    <message>
        <source>to be had</source>
        <translation>zu kaufen</translation>
    </message>
    <message>
        <source>room it needs in front</source>
        <translation>Platz, den er vorn braucht</translation>
    </message>
    <message>
        <source>depth it needs below</source>
        <translation>Tiefe, die er darunter braucht</translation>
    </message>
    <message>
        <source>cut it</source>
        <translation>schneiden auf</translation>
    </message>
    <message>
        <source>with the saw</source>
        <translation>mit der Säge</translation>
    </message>
    <message>
        <source>play</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>next smaller saw</source>
        <translation>nächstkleinere Säge</translation>
    </message>
    <message>
        <source>travel with programme</source>
        <translation>Hub mit Programm</translation>
    </message>
    <message>
        <source>of its travel</source>
        <translation>seines Hubs</translation>
    </message>
    <message>
        <source>round its edge</source>
        <translation>rund um den Rand</translation>
    </message>
    <message>
        <source>goes through</source>
        <translation>geht hindurch</translation>
    </message>
    <message>
        <source>covered by</source>
        <translation>überdeckt um</translation>
    </message>
    <message>
        <source>screws reach, 1 is the edge</source>
        <translation>Reichweite der Schrauben, 1 ist der Rand</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>ring outside</source>
        <translation>Ring außen</translation>
    </message>
    <message>
        <source>skin</source>
        <translation>Blech</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>hole to hole</source>
        <translation>Loch zu Loch</translation>
    </message>
    <message>
        <source>circle through them</source>
        <translation>Kreis durch sie</translation>
    </message>
    <message>
        <source>first hole at</source>
        <translation>erstes Loch bei</translation>
    </message>
    <message>
        <source>on each</source>
        <translation>auf jede</translation>
    </message>
    <message>
        <source>pilot drill</source>
        <translation>Vorbohrer</translation>
    </message>
    <message>
        <source>nominal</source>
        <translation>nominell</translation>
    </message>
    <message>
        <source>of nominal</source>
        <translation>des Nennwerts</translation>
    </message>
    <message>
        <source>wired</source>
        <translation>verdrahtet</translation>
    </message>
    <message>
        <source>load</source>
        <translation>Last</translation>
    </message>
    <message>
        <source>each half sees</source>
        <translation>jede Hälfte sieht</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>change of level</source>
        <translation>Pegeländerung</translation>
    </message>
    <message>
        <source>at 2.83 V, 1 m</source>
        <translation>bei 2,83 V, 1 m</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>set the output to</source>
        <translation>Ausgang einstellen auf</translation>
    </message>
    <message>
        <source>input sensitivity</source>
        <translation>Eingangsempfindlichkeit</translation>
    </message>
    <message>
        <source>gain</source>
        <translation>Verstärkung</translation>
    </message>
    <message>
        <source>power at full scale</source>
        <translation>Leistung bei Vollaussteuerung</translation>
    </message>
    <message>
        <source>efficiency</source>
        <translation>Wirkungsgrad</translation>
    </message>
    <message>
        <source>heat</source>
        <translation>Wärme</translation>
    </message>
    <message>
        <source>resistance</source>
        <translation>Widerstand</translation>
    </message>
    <message>
        <source>cross-section</source>
        <translation>Querschnitt</translation>
    </message>
    <message>
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Spannungsabfall</translation>
    </message>
    <message>
        <source>share of the supply</source>
        <translation>Anteil der Versorgung</translation>
    </message>
    <message>
        <source>left at the device</source>
        <translation>bleibt am Gerät</translation>
    </message>
    <message>
        <source>lost in the cable</source>
        <translation>verloren im Kabel</translation>
    </message>
    <message>
        <source>safe current</source>
        <translation>zulässiger Strom</translation>
    </message>
    <message>
        <source>fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>left at idle</source>
        <translation>bleibt im Leerlauf</translation>
    </message>
    <message>
        <source>battery lasts</source>
        <translation>Batterie hält</translation>
    </message>
    <message>
        <source>both wires</source>
        <translation>beide Adern</translation>
    </message>
    <message>
        <source>share of the power in the wire</source>
        <translation>Anteil der Leistung in der Leitung</translation>
    </message>
    <message>
        <source>damping factor at the driver</source>
        <translation>Dämpfungsfaktor am Lautsprecher</translation>
    </message>
    <message>
        <source>line level</source>
        <translation>Line-Pegel</translation>
    </message>
    <message>
        <source>from the speaker output</source>
        <translation>aus dem Lautsprecherausgang</translation>
    </message>
    <message>
        <source>rise of level</source>
        <translation>Pegelanstieg</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>Grenzfrequenz</translation>
    </message>
    <message>
        <source>from the amplifier</source>
        <translation>vom Verstärker</translation>
    </message>
    <message>
        <source>nearest</source>
        <translation>nächster Wert</translation>
    </message>
    <message>
        <source>in series</source>
        <translation>in Reihe</translation>
    </message>
    <message>
        <source>across the load</source>
        <translation>parallel zur Last</translation>
    </message>
    <message>
        <source>or one resistor in series</source>
        <translation>oder ein Widerstand in Reihe</translation>
    </message>
    <message>
        <source>R</source>
        <translation>R</translation>
    </message>
    <message>
        <source>L</source>
        <translation>L</translation>
    </message>
    <message>
        <source>C</source>
        <translation>C</translation>
    </message>
    <message>
        <source>or</source>
        <translation>oder</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>together</source>
        <translation>zusammen</translation>
    </message>
    <message>
        <source>like polarity</source>
        <translation>gleiche Polung</translation>
    </message>
    <message>
        <source>one leg inverted</source>
        <translation>ein Zweig gedreht</translation>
    </message>
    <message>
        <source>high leg against low leg</source>
        <translation>oberer Zweig gegen unteren</translation>
    </message>
    <message>
        <source>polarity</source>
        <translation>Polung</translation>
    </message>
    <message>
        <source>phase</source>
        <translation>Phase</translation>
    </message>
    <message>
        <source>Q</source>
        <translation>Q</translation>
    </message>
    <message>
        <source>working area</source>
        <translation>Arbeitsbereich</translation>
    </message>
    <message>
        <source>1 W in nominal, 1 m</source>
        <translation>1 W an Nennimpedanz, 1 m</translation>
    </message>
    <message>
        <source>loss of level</source>
        <translation>Pegelverlust</translation>
    </message>
    <message>
        <source>to be had as</source>
        <translation>zu haben als</translation>
    </message>
    <message>
        <source>counted</source>
        <translation>gezählt</translation>
    </message>
    <message>
        <source>coil at</source>
        <translation>Spule bei</translation>
    </message>
    <message>
        <source>coil warmer by</source>
        <translation>Spule wärmer um</translation>
    </message>
    <message>
        <source>as a sheet counts it</source>
        <translation>wie ein Datenblatt zählt</translation>
    </message>
    <message>
        <source>Qts</source>
        <translation>Qts</translation>
    </message>
    <message>
        <source>Qes</source>
        <translation>Qes</translation>
    </message>
    <message>
        <source>Qms</source>
        <translation>Qms</translation>
    </message>
    <message>
        <source>moving mass</source>
        <translation>bewegte Masse</translation>
    </message>
    <message>
        <source>Vas</source>
        <translation>Vas</translation>
    </message>
    <message>
        <source>share of the power</source>
        <translation>Anteil der Leistung</translation>
    </message>
    <message>
        <source>mean power</source>
        <translation>mittlere Leistung</translation>
    </message>
    <message>
        <source>mean over full-sine power</source>
        <translation>Mittel zu vollem Sinus</translation>
    </message>
    <message>
        <source>crest factor left</source>
        <translation>Scheitelfaktor, der bleibt</translation>
    </message>
    <message>
        <source>lower by</source>
        <translation>niedriger um</translation>
    </message>
    <message>
        <source>speed of sound</source>
        <translation>Schallgeschwindigkeit</translation>
    </message>
    <message>
        <source>density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>taken</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>on the way</source>
        <translation>auf dem Weg</translation>
    </message>
    <message>
        <source>beams from</source>
        <translation>bündelt ab</translation>
    </message>
    <message>
        <source>box</source>
        <translation>Gehäuse</translation>
    </message>
    <message>
        <source>in step</source>
        <translation>in Phase</translation>
    </message>
    <message>
        <source>Vas over box</source>
        <translation>Vas zu Gehäuse</translation>
    </message>
    <message>
        <source>delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>notch depth</source>
        <translation>Tiefe der Kerbe</translation>
    </message>
    <message>
        <source>taken by the driver</source>
        <translation>vom Lautsprecher verdrängt</translation>
    </message>
    <message>
        <source>acoustic length</source>
        <translation>akustische Länge</translation>
    </message>
    <message>
        <source>works like</source>
        <translation>wirkt wie</translation>
    </message>
    <message>
        <source>most gained at</source>
        <translation>am meisten gewonnen bei</translation>
    </message>
    <message>
        <source>first peak</source>
        <translation>erste Spitze</translation>
    </message>
    <message>
        <source>Fresnel number</source>
        <translation>Fresnelzahl</translation>
    </message>
    <message>
        <source>least gap</source>
        <translation>kleinster Abstand</translation>
    </message>
    <message>
        <source>−3 dB at</source>
        <translation>−3 dB bei</translation>
    </message>
    <message>
        <source>−6 dB there at</source>
        <translation>dort −6 dB bei</translation>
    </message>
    <message>
        <source>as unlike sounds</source>
        <translation>als ungleiche Klänge</translation>
    </message>
    <message>
        <source>directivity index</source>
        <translation>Bündelungsmaß</translation>
    </message>
    <message>
        <source>alignment</source>
        <translation>Abstimmung</translation>
    </message>
    <message>
        <source>left louder by</source>
        <translation>links lauter um</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation>gespiegelt</translation>
    </message>
    <message>
        <source>left inside</source>
        <translation>bleibt innen</translation>
    </message>
    <message>
        <source>notches</source>
        <translation>Kerben</translation>
    </message>
    <message>
        <source>peak</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>pipe rings at</source>
        <translation>Rohr tönt bei</translation>
    </message>
    <message>
        <source>taken by the port</source>
        <translation>vom Rohr verdrängt</translation>
    </message>
    <message>
        <source>resonance</source>
        <translation>Resonanz</translation>
    </message>
    <message>
        <source>response</source>
        <translation>Frequenzgang</translation>
    </message>
    <message>
        <source>right later by</source>
        <translation>rechts später um</translation>
    </message>
    <message>
        <source>samples</source>
        <translation>Abtastwerte</translation>
    </message>
    <message>
        <source>image (−1 right, +1 left)</source>
        <translation>Abbild (−1 rechts, +1 links)</translation>
    </message>
    <message>
        <source>Qtc</source>
        <translation>Qtc</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>Tunnelabstimmung</translation>
    </message>
    <message>
        <source>fb over fs</source>
        <translation>fb zu fs</translation>
    </message>
    <message>
        <source>in all</source>
        <translation>insgesamt</translation>
    </message>
    <message>
        <source>pressure zone up to</source>
        <translation>Druckkammer bis</translation>
    </message>
    <message>
        <source>a day</source>
        <translation>am Tag</translation>
    </message>
    <message>
        <source>all right</source>
        <translation>in Ordnung</translation>
    </message>
    <message>
        <source>take care</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>two wires, there and back</source>
        <translation>zwei Adern, hin und zurück</translation>
    </message>
    <message>
        <source>one wire, one way</source>
        <translation>eine Ader, ein Weg</translation>
    </message>
    <message>
        <source>one wire, back through the body</source>
        <translation>eine Ader, zurück über die Karosserie</translation>
    </message>
    <message>
        <source>either way is flat</source>
        <translation>beides ist eben</translation>
    </message>
    <message>
        <source>invert one leg</source>
        <translation>einen Zweig drehen</translation>
    </message>
    <message>
        <source>both alike</source>
        <translation>beide gleich</translation>
    </message>
    <message>
        <source>blade %1</source>
        <translation>Flachsicherung %1</translation>
    </message>
    <message>
        <source>large blade %1</source>
        <translation>große Flachsicherung %1</translation>
    </message>
    <message>
        <source>bolted M5 %1</source>
        <translation>geschraubt M5 %1</translation>
    </message>
    <message>
        <source>bolted M8 %1</source>
        <translation>geschraubt M8 %1</translation>
    </message>
    <message>
        <source>ANL %1</source>
        <translation>ANL %1</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 kg</source>
        <translation>%1 kg</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>driver</source>
        <translation>Lautsprecher</translation>
    </message>
    <message>
        <source>radio</source>
        <translation>Radio</translation>
    </message>
    <message>
        <source>amplifier</source>
        <translation>Verstärker</translation>
    </message>
    <message>
        <source>network</source>
        <translation>Weiche</translation>
    </message>
    <message>
        <source>plug</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>line adaptor</source>
        <translation>Line-Adapter</translation>
    </message>
    <message>
        <source>adapter lead</source>
        <translation>Adapterkabel</translation>
    </message>
    <message>
        <source>cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>spacer or ring</source>
        <translation>Distanz- oder Adapterring</translation>
    </message>
    <message>
        <source>damping mat</source>
        <translation>Dämmmatte</translation>
    </message>
    <message>
        <source>foam sheet</source>
        <translation>Schaumplatte</translation>
    </message>
    <message>
        <source>barrier mat</source>
        <translation>Schwermatte</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Set</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>room in front</source>
        <translation>Platz vorn</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>screws</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>bass and treble</source>
        <translation>Bass und Höhen</translation>
    </message>
    <message>
        <source>travel</source>
        <translation>Hub</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>terminals down</source>
        <translation>Anschlüsse nach unten</translation>
    </message>
    <message>
        <source>towards the cable</source>
        <translation>zum Kabel hin</translation>
    </message>
    <message>
        <source>away from the glass</source>
        <translation>weg von der Scheibe</translation>
    </message>
    <message>
        <source>badge upright</source>
        <translation>Schriftzug aufrecht</translation>
    </message>
    <message>
        <source>adhesive</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>bracket</source>
        <translation>Halter</translation>
    </message>
    <message>
        <source>not looked at</source>
        <translation>nicht nachgesehen</translation>
    </message>
    <message>
        <source>sheet metal</source>
        <translation>Blech</translation>
    </message>
    <message>
        <source>plastic</source>
        <translation>Kunststoff</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>Holz</translation>
    </message>
    <message>
        <source>captive nuts</source>
        <translation>gefangene Muttern</translation>
    </message>
    <message>
        <source>sheet, riveted</source>
        <translation>Blech, genietet</translation>
    </message>
    <message>
        <source>nothing keeps the lows from it</source>
        <translation>nichts hält die Tiefen fern</translation>
    </message>
    <message>
        <source>%1 not known</source>
        <translation>%1 nicht bekannt</translation>
    </message>
    <message>
        <source>needs a spacer of %1</source>
        <translation>braucht einen Distanzring von %1</translation>
    </message>
    <message>
        <source>%1 behind it, no spacer helps</source>
        <translation>%1 dahinter, kein Distanzring hilft</translation>
    </message>
    <message>
        <source>%1 in front at full travel</source>
        <translation>%1 vorn bei vollem Hub</translation>
    </message>
    <message>
        <source>needs a ring, its screws take a hole of %1 at most</source>
        <translation>braucht einen Ring, seine Schrauben fassen ein Loch von höchstens %1</translation>
    </message>
    <message>
        <source>the hole must be cut to %1</source>
        <translation>das Loch muss auf %1 geschnitten werden</translation>
    </message>
    <message>
        <source>no hole leaves its own screws their metal</source>
        <translation>kein Loch lässt seinen eigenen Schrauben Blech</translation>
    </message>
    <message>
        <source>%1 of its screw holes meet</source>
        <translation>%1 seiner Schraublöcher passen</translation>
    </message>
    <message>
        <source>%1 of the old resistance</source>
        <translation>%1 des alten Widerstands</translation>
    </message>
    <message>
        <source>the channel sees %1</source>
        <translation>der Kanal sieht %1</translation>
    </message>
    <message>
        <source>%1 where it plays</source>
        <translation>%1, wo er spielt</translation>
    </message>
    <message>
        <source>%1 in bass or treble</source>
        <translation>%1 in Bass oder Höhen</translation>
    </message>
    <message>
        <source>programme takes %1 of its rating</source>
        <translation>Programm nimmt %1 seiner Belastbarkeit</translation>
    </message>
    <message>
        <source>music asks %1 of its travel</source>
        <translation>Musik verlangt %1 seines Hubs</translation>
    </message>
    <message>
        <source>costs %1</source>
        <translation>kostet %1</translation>
    </message>
    <message>
        <source>%1 heavy</source>
        <translation>%1 schwer</translation>
    </message>
    <message>
        <source>%1 between its screws and the glass</source>
        <translation>%1 zwischen seinen Schrauben und der Scheibe</translation>
    </message>
    <message>
        <source>%1 to the glass</source>
        <translation>%1 bis zur Scheibe</translation>
    </message>
    <message>
        <source>%1 behind its screws</source>
        <translation>%1 hinter seinen Schrauben</translation>
    </message>
    <message>
        <source>the hole is %1, its screws take %2 at most</source>
        <translation>das Loch hat %1, seine Schrauben fassen höchstens %2</translation>
    </message>
    <message>
        <source>its hole is given as its dome</source>
        <translation>sein Loch ist als seine Kalotte angegeben</translation>
    </message>
    <message>
        <source>its screw holes lie outside its flange</source>
        <translation>seine Schraublöcher liegen außerhalb seines Flanschs</translation>
    </message>
    <message>
        <source>%1 on glue alone</source>
        <translation>%1 nur geklebt</translation>
    </message>
    <message>
        <source>the vehicle&apos;s plug would be cut off</source>
        <translation>der Fahrzeugstecker würde abgeschnitten</translation>
    </message>
    <message>
        <source>a sine puts %1 into it</source>
        <translation>ein Sinus gibt ihm %1</translation>
    </message>
    <message>
        <source>music moves it %1</source>
        <translation>Musik bewegt ihn %1</translation>
    </message>
    <message>
        <source>a sine moves it %1</source>
        <translation>ein Sinus bewegt ihn %1</translation>
    </message>
    <message>
        <source>Stop: %1</source>
        <translation>Halt: %1</translation>
    </message>
    <message>
        <source>For good: a wider hole (%1 and a patch to undo)</source>
        <translation>Für immer: ein weiteres Loch (%1 und ein Flicken zurück)</translation>
    </message>
    <message>
        <source>For good: new screw holes (%1 to close)</source>
        <translation>Für immer: neue Schraublöcher (%1 zum Schließen)</translation>
    </message>
    <message>
        <source>For good: the factory plug is cut off (%1 to splice another)</source>
        <translation>Für immer: der Werksstecker ist ab (%1 für einen neuen)</translation>
    </message>
    <message>
        <source>Comes off again: an adapter ring (%1)</source>
        <translation>Geht wieder ab: ein Adapterring (%1)</translation>
    </message>
    <message>
        <source>Comes off again: an adapter lead, %1 (%2)</source>
        <translation>Geht wieder ab: ein Adapterkabel, %1 (%2)</translation>
    </message>
    <message>
        <source>plug: %1 instead of %2</source>
        <translation>Stecker: %1 statt %2</translation>
    </message>
    <message>
        <source>%1: %2 instead of %3</source>
        <translation>%1: %2 statt %3</translation>
    </message>
    <message>
        <source>Amplifier unknown: about %1 of the old resistance would be accepted practice, but that is a class guess. An ohmmeter at the old coil settles it.</source>
        <translation>Verstärker unbekannt: etwa %1 des alten Widerstands wären gängige Praxis, das ist aber nach Bauart geschätzt. Ein Ohmmeter an der alten Spule klärt es.</translation>
    </message>
    <message>
        <source>Amplifier unknown: %1 of the old resistance is accepted practice.</source>
        <translation>Verstärker unbekannt: %1 des alten Widerstands sind gängige Praxis.</translation>
    </message>
    <message>
        <source>a driver of %1</source>
        <translation>ein Lautsprecher von %1</translation>
    </message>
    <message>
        <source>%1 in series, which costs %2</source>
        <translation>%1 in Reihe, das kostet %2</translation>
    </message>
    <message>
        <source>a warm-up test with a hand on its case</source>
        <translation>ein Warmlauf mit der Hand am Gehäuse</translation>
    </message>
    <message>
        <source>High risk for an unknown amplifier: %1 of the old resistance. Ways out: %2.</source>
        <translation>Hohes Risiko bei unbekanntem Verstärker: %1 des alten Widerstands. Auswege: %2.</translation>
    </message>
    <message>
        <source>Some risk for an unknown amplifier: %1 of the old resistance. Ways out: %2.</source>
        <translation>Etwas Risiko bei unbekanntem Verstärker: %1 des alten Widerstands. Auswege: %2.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>An ohmmeter at the old coil settles most.</source>
        <translation>Ein Ohmmeter an der alten Spule klärt das meiste.</translation>
    </message>
    <message>
        <source>not turned</source>
        <translation>nicht gedreht</translation>
    </message>
    <message>
        <source>turned %1</source>
        <translation>gedreht %1</translation>
    </message>
    <message>
        <source>%1; given up: %2</source>
        <translation>%1; aufgegeben: %2</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Sheet-metal screws of %1, pilot %2; never a machine thread without its nut.</source>
        <translation>Blechschrauben %1, vorbohren %2; nie ein Maschinengewinde ohne seine Mutter.</translation>
    </message>
    <message>
        <source>Screws with a coarse thread for plastic, as thick as the old ones, turned back until they fall into their thread; a new hole %1.</source>
        <translation>Schrauben mit grobem Gewinde für Kunststoff, so dick wie die alten, rückwärts gedreht, bis sie in ihr Gewinde fallen; ein neues Loch %1.</translation>
    </message>
    <message>
        <source>Wood screws of %1, pilot %2.</source>
        <translation>Holzschrauben %1, vorbohren %2.</translation>
    </message>
    <message>
        <source>Machine screws M%1 into the nuts that are there; a rivet nut wants a hole of %2.</source>
        <translation>Maschinenschrauben M%1 in die Muttern, die da sind; eine Nietmutter will ein Loch von %2.</translation>
    </message>
    <message>
        <source>Blind rivets of %1, hole %2; the old ones are drilled out, their stumps flush.</source>
        <translation>Blindnieten %1, Loch %2; die alten ausgebohrt, ihre Stümpfe bündig.</translation>
    </message>
    <message>
        <source>not heard as another voice</source>
        <translation>nicht als andere Stimme zu hören</translation>
    </message>
    <message>
        <source>hardly heard</source>
        <translation>kaum zu hören</translation>
    </message>
    <message>
        <source>plainly another voice</source>
        <translation>deutlich eine andere Stimme</translation>
    </message>
    <message>
        <source>Beside %1: %2 in level, %3 apart in colour, %4 in how it spreads; %5.</source>
        <translation>Neben %1: %2 im Pegel, %3 in der Klangfarbe, %4 in der Abstrahlung; %5.</translation>
    </message>
    <message>
        <source>dull, no highs</source>
        <translation>dumpf, keine Höhen</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>dünn</translation>
    </message>
    <message>
        <source>no deep bass</source>
        <translation>kein Tiefbass</translation>
    </message>
    <message>
        <source>harsh</source>
        <translation>scharf</translation>
    </message>
    <message>
        <source>not loud enough</source>
        <translation>nicht laut genug</translation>
    </message>
    <message>
        <source>buzzes, rattles</source>
        <translation>schnarrt, klappert</translation>
    </message>
    <message>
        <source>one side only</source>
        <translation>nur eine Seite</translation>
    </message>
    <message>
        <source>cuts out</source>
        <translation>setzt aus</translation>
    </message>
    <message>
        <source>no tweeter, or one far from the ear</source>
        <translation>kein Hochtöner, oder einer weit vom Ohr</translation>
    </message>
    <message>
        <source>a cover that swallows sound</source>
        <translation>eine Abdeckung, die Schall schluckt</translation>
    </message>
    <message>
        <source>a dead driver</source>
        <translation>ein toter Lautsprecher</translation>
    </message>
    <message>
        <source>a small or light woofer</source>
        <translation>ein kleiner oder leichter Tieftöner</translation>
    </message>
    <message>
        <source>air that leaks round the frame</source>
        <translation>Luft, die am Rahmen entweicht</translation>
    </message>
    <message>
        <source>a high-pass that nobody asked for</source>
        <translation>ein Hochpass, den keiner wollte</translation>
    </message>
    <message>
        <source>one side wired the other way round</source>
        <translation>eine Seite andersherum angeschlossen</translation>
    </message>
    <message>
        <source>nothing that reaches so low</source>
        <translation>nichts, das so tief reicht</translation>
    </message>
    <message>
        <source>a tweeter too loud for its woofer</source>
        <translation>ein Hochtöner, zu laut für seinen Tieftöner</translation>
    </message>
    <message>
        <source>a reflection off the glass</source>
        <translation>ein Reflex an der Scheibe</translation>
    </message>
    <message>
        <source>a source that clips</source>
        <translation>eine Quelle, die clippt</translation>
    </message>
    <message>
        <source>more ohms than before</source>
        <translation>mehr Ohm als vorher</translation>
    </message>
    <message>
        <source>a torn surround or cone</source>
        <translation>gerissene Sicke oder Membran</translation>
    </message>
    <message>
        <source>loose trim</source>
        <translation>lose Verkleidung</translation>
    </message>
    <message>
        <source>a broken wire, often in the hinge</source>
        <translation>ein gebrochener Draht, oft im Türscharnier</translation>
    </message>
    <message>
        <source>too few ohms on a channel</source>
        <translation>zu wenig Ohm an einem Kanal</translation>
    </message>
    <message>
        <source>an amplifier without air</source>
        <translation>ein Verstärker ohne Luft</translation>
    </message>
    <message>
        <source>Play quiet noise and put an ear to each place; lift the cover and listen again.</source>
        <translation>Leises Rauschen spielen und das Ohr an jeden Platz halten; Abdeckung abnehmen und noch einmal hören.</translation>
    </message>
    <message>
        <source>Play a low tone quietly, press the trim round the speaker and feel for air.</source>
        <translation>Leise einen tiefen Ton spielen, rund um den Lautsprecher drücken und nach Luft fühlen.</translation>
    </message>
    <message>
        <source>Play the same tone on both sides and turn one over: more bass means it was reversed.</source>
        <translation>Denselben Ton auf beiden Seiten spielen und eine umpolen: mehr Bass heißt, sie war verdreht.</translation>
    </message>
    <message>
        <source>Sweep slowly and quietly; note where it begins and touch what is near.</source>
        <translation>Langsam und leise durchstimmen; merken, wo es beginnt, und anfassen, was nahe ist.</translation>
    </message>
    <message>
        <source>Read the resistance on both sides and compare.</source>
        <translation>Auf beiden Seiten den Widerstand messen und vergleichen.</translation>
    </message>
    <message>
        <source>Turn up until it just roughens, note the mark, and read the volts there.</source>
        <translation>Aufdrehen, bis es gerade rau wird, die Marke merken und dort die Spannung ablesen.</translation>
    </message>
    <message>
        <source>Read each channel&apos;s load with the plug off at the amplifier, warm.</source>
        <translation>Die Last jedes Kanals messen, Stecker am Verstärker ab, warm.</translation>
    </message>
    <message>
        <source>Move the balance from side to side, then swap the two channels at the source.</source>
        <translation>Balance von Seite zu Seite, dann an der Quelle die beiden Kanäle tauschen.</translation>
    </message>
    <message>
        <source>better than it was</source>
        <translation>besser als es war</translation>
    </message>
    <message>
        <source>as it was when new</source>
        <translation>wie es neu war</translation>
    </message>
    <message>
        <source>replace like for like</source>
        <translation>Gleiches gegen Gleiches</translation>
    </message>
    <message>
        <source>nothing is cut</source>
        <translation>nichts wird geschnitten</translation>
    </message>
    <message>
        <source>looks stay</source>
        <translation>Aussehen bleibt</translation>
    </message>
    <message>
        <source>radio stays</source>
        <translation>Radio bleibt</translation>
    </message>
    <message>
        <source>badge stays in sight</source>
        <translation>Schriftzug bleibt sichtbar</translation>
    </message>
    <message>
        <source>load space stays</source>
        <translation>Laderaum bleibt</translation>
    </message>
    <message>
        <source>family car</source>
        <translation>Familienauto</translation>
    </message>
    <message>
        <source>work van</source>
        <translation>Arbeitswagen</translation>
    </message>
    <message>
        <source>wind and helmet</source>
        <translation>Wind und Helm</translation>
    </message>
    <message>
        <source>open cab, trail</source>
        <translation>offen, Gelände</translation>
    </message>
    <message>
        <source>summer cruiser</source>
        <translation>Sommerauto</translation>
    </message>
    <message>
        <source>No more than usual is asked of the parts.</source>
        <translation>Von den Teilen wird nicht mehr als üblich verlangt.</translation>
    </message>
    <message>
        <source>Noise, dust and theft: louder mids, grilles that hold a knock, nothing that invites a look.</source>
        <translation>Lärm, Staub und Diebstahl: lautere Mitten, Gitter, die einen Stoß halten, nichts, das zum Hinsehen einlädt.</translation>
    </message>
    <message>
        <source>Wind drowns bass first: level in the mids counts. Sealed plugs, tethers, parts for water and sun; try it at low speed, steering lock to lock.</source>
        <translation>Wind ertränkt zuerst den Bass: Pegel in den Mitten zählt. Dichte Stecker, Fangleinen, Teile für Wasser und Sonne; bei kleinem Tempo probieren, Lenkung von Anschlag zu Anschlag.</translation>
    </message>
    <message>
        <source>Mud, water and shaking: sealed plugs, drained boxes, fixings that cannot work loose.</source>
        <translation>Schlamm, Wasser und Rütteln: dichte Stecker, Gehäuse mit Ablauf, Befestigungen, die sich nicht lösen.</translation>
    </message>
    <message>
        <source>Sun and damp under a cover: cones that stand ultraviolet light, no bare steel.</source>
        <translation>Sonne und Feuchte unter der Plane: Membranen, die UV-Licht aushalten, kein blanker Stahl.</translation>
    </message>
    <message>
        <source>Likely %1. It lives between %2 and %3. To tell: %4</source>
        <translation>Vermutlich %1. Es sitzt zwischen %2 und %3. Zum Prüfen: %4</translation>
    </message>
    <message>
        <source>, or </source>
        <translation>, oder </translation>
    </message>
    <message>
        <source>Open the cover, %1</source>
        <translation>Abdeckung öffnen, %1</translation>
    </message>
    <message>
        <source>Seal round the frame, %1</source>
        <translation>Rahmen abdichten, %1</translation>
    </message>
    <message>
        <source>Bypass the capacitor, %1</source>
        <translation>Kondensator überbrücken, %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Add a tweeter, %1</source>
        <translation>Hochtöner dazu, %1</translation>
    </message>
    <message>
        <source>Add a subwoofer and its amplifier, %1</source>
        <translation>Subwoofer und seinen Verstärker dazu, %1</translation>
    </message>
    <message>
        <source>%1: %2 there, %3 against the middle, %4 at the loudest</source>
        <translation>%1: %2 dort, %3 gegen die Mitten, %4 bei Volllast</translation>
    </message>
    <message>
        <source>%1 %2 before, %3 after</source>
        <translation>%1 %2 vorher, %3 nachher</translation>
    </message>
    <message>
        <source>By estimate the better ear hears of each band: %1. Start low; hearing that is left can be lost.</source>
        <translation>Geschätzt hört das bessere Ohr von jedem Band: %1. Leise beginnen; was an Gehör da ist, kann verloren gehen.</translation>
    </message>
    <message>
        <source>ohmmeter</source>
        <translation>Ohmmeter</translation>
    </message>
    <message>
        <source>voltmeter</source>
        <translation>Voltmeter</translation>
    </message>
    <message>
        <source>tape measure</source>
        <translation>Maßband</translation>
    </message>
    <message>
        <source>sheet or stamp</source>
        <translation>Datenblatt oder Stempel</translation>
    </message>
    <message>
        <source>microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>sound card</source>
        <translation>Soundkarte</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>it makes %1 of the doubt in %2</source>
        <translation>es macht %1 des Zweifels an %2</translation>
    </message>
    <message>
        <source>it makes %1 of the doubt in how loud the bands can get</source>
        <translation>es macht %1 des Zweifels, wie laut die Bänder werden</translation>
    </message>
    <message>
        <source>This bay lacks the %1 for it; nothing it has settles as much.</source>
        <translation>Dieser Werkstatt fehlt dafür: %1; nichts, was sie hat, klärt ebenso viel.</translation>
    </message>
    <message>
        <source>With the %1, about %2 min.</source>
        <translation>Mit: %1, etwa %2 min.</translation>
    </message>
    <message>
        <source>%1 is taken as %2, give or take %3 (%4); %5.</source>
        <translation>%1 ist mit %2 angenommen, plus minus %3 (%4); %5.</translation>
    </message>
    <message>
        <source>%1 of travel, up to %2 of heat.</source>
        <translation>%1 Hub, bis zu %2 Wärme.</translation>
    </message>
    <message>
        <source>The meter reads %1 all the same.</source>
        <translation>Das Messgerät zeigt trotzdem %1.</translation>
    </message>
    <message>
        <source>One coil pushes against the other</source>
        <translation>Eine Spule drückt gegen die andere</translation>
    </message>
    <message>
        <source>No ohmmeter shows it: the cone stands still and the coils burn. A battery touched to the leads must move the cone.</source>
        <translation>Kein Ohmmeter zeigt es: die Membran steht still und die Spulen brennen. Eine Batterie an den Leitungen muss die Membran bewegen.</translation>
    </message>
    <message>
        <source>A coil of it is left open</source>
        <translation>Eine Spule bleibt offen</translation>
    </message>
    <message>
        <source>%1 of its coils has nothing on it.</source>
        <translation>%1 seiner Spulen hat nichts an den Klemmen.</translation>
    </message>
    <message>
        <source>It works with part of its motor: less level, a softer hold on its resonance, and the rating of the coils in use alone.</source>
        <translation>Er arbeitet mit einem Teil seines Antriebs: weniger Pegel, weniger Halt an der Resonanz, und nur die Belastbarkeit der benutzten Spulen.</translation>
    </message>
    <message>
        <source>Nothing feeds it</source>
        <translation>Nichts speist ihn</translation>
    </message>
    <message>
        <source>No channel reaches its terminals.</source>
        <translation>Kein Kanal erreicht seine Klemmen.</translation>
    </message>
    <message>
        <source>It is planned and would stay silent. Choose what feeds it in Walk-round, Which wires?</source>
        <translation>Er ist geplant und bliebe stumm. Im Rundgang unter „Welche Drähte?“ wählen, was ihn speist.</translation>
    </message>
    <message>
        <source>Nothing keeps the lows from this tweeter</source>
        <translation>Nichts hält die Tiefen von diesem Hochtöner fern</translation>
    </message>
    <message>
        <source>At %1 it gets %2 of its highest level; %3 of programme, %4 of travel for %5.</source>
        <translation>Bei %1 bekommt er %2 seines höchsten Pegels; %3 vom Programm, %4 Hub bei %5.</translation>
    </message>
    <message>
        <source>A dome has no travel for bass and no coil for its heat. Prove the filter before power, start low.</source>
        <translation>Eine Kalotte hat keinen Hub für Bass und keine Spule für seine Wärme. Vor dem Einschalten den Filter prüfen, leise beginnen.</translation>
    </message>
    <message>
        <source>It held back below %1.</source>
        <translation>Darunter wurde er geschont: %1.</translation>
    </message>
    <message>
        <source>Now nothing does: %1 of travel with programme, it has %2.</source>
        <translation>Jetzt schont ihn nichts: %1 Hub mit Programm, er hat %2.</translation>
    </message>
    <message>
        <source>What kept the lows from it is gone</source>
        <translation>Was die Tiefen fernhielt, ist weg</translation>
    </message>
    <message>
        <source>The maker put it there for this place. More bass comes, and more travel; a filter of its own keeps both in hand.</source>
        <translation>Der Hersteller hat es für diesen Platz eingesetzt. Es kommt mehr Bass und mehr Hub; ein eigener Filter hält beides im Griff.</translation>
    </message>
    <message>
        <source>Music asks more travel than it has</source>
        <translation>Musik verlangt mehr Hub, als er hat</translation>
    </message>
    <message>
        <source>%1 with programme at the source&apos;s limit; it has %2.</source>
        <translation>%1 mit Programm an der Grenze der Quelle; er hat %2.</translation>
    </message>
    <message>
        <source>Beyond its travel the coil leaves the gap: it distorts, then strikes. Less bass, or less level, keeps it inside.</source>
        <translation>Jenseits seines Hubs verlässt die Spule den Spalt: er verzerrt, dann schlägt er an. Weniger Bass oder weniger Pegel hält ihn darin.</translation>
    </message>
    <message>
        <source>A low note drives it past its travel</source>
        <translation>Ein tiefer Ton treibt ihn über seinen Hub</translation>
    </message>
    <message>
        <source>%1 at %2 with the source at its limit; it has %3.</source>
        <translation>%1 bei %2 mit der Quelle an ihrer Grenze; er hat %3.</translation>
    </message>
    <message>
        <source>Organ, synthesiser and film play single low notes. Box, filter or level has to hold the cone.</source>
        <translation>Orgel, Synthesizer und Film spielen einzelne tiefe Töne. Gehäuse, Filter oder Pegel müssen die Membran halten.</translation>
    </message>
    <message>
        <source>One side is turned over against the other</source>
        <translation>Eine Seite ist gegen die andere verdreht</translation>
    </message>
    <message>
        <source>Turned like its twin: %1 in 60–250 Hz at the first seat.</source>
        <translation>Gedreht wie ihr Gegenüber: %1 in 60–250 Hz am ersten Sitz.</translation>
    </message>
    <message>
        <source>Two schools: correct it, bass of both sides adds up; keep it, where the maker did it on purpose for one seat. The polarity test tells what is there.</source>
        <translation>Zwei Schulen: richtigstellen, dann addiert sich der Bass beider Seiten; lassen, wo der Hersteller es für einen Sitz so wollte. Die Polungsprüfung sagt, was da ist.</translation>
    </message>
    <message>
        <source>The turned side takes the bass away</source>
        <translation>Die verdrehte Seite nimmt den Bass weg</translation>
    </message>
    <message>
        <source>%1 in 60–250 Hz at the first seat, against both sides alike; noted from %2.</source>
        <translation>%1 in 60–250 Hz am ersten Sitz, gegen beide Seiten gleich; gemeldet ab %2.</translation>
    </message>
    <message>
        <source>Where the two sides arrive alike and turned, they cancel.</source>
        <translation>Wo beide Seiten gleich und verdreht ankommen, heben sie sich auf.</translation>
    </message>
    <message>
        <source>%1 octave</source>
        <translation>%1 Oktave</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 h %2 min</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 in</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>%1 l</source>
        <translation>%1 l</translation>
    </message>
    <message>
        <source>%1 ft2</source>
        <translation>%1 ft2</translation>
    </message>
    <message>
        <source>%1 m2</source>
        <translation>%1 m2</translation>
    </message>
    <message>
        <source>%1 mm2</source>
        <translation>%1 mm2</translation>
    </message>
    <message>
        <source>%1 cm2</source>
        <translation>%1 cm2</translation>
    </message>
    <message>
        <source>about %1, class guess</source>
        <translation>etwa %1, nach Bauart geschätzt</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>Care: this program does not know %1 of this file and does not count it in; a newer one may. It is kept.</source>
        <translation>Achtung: %1 in dieser Datei kennt dieses Programm nicht und rechnet es nicht ein; ein neueres vielleicht. Es bleibt erhalten.</translation>
    </message>
    <message>
        <source>With what nobody measured: %1 %2 to %3.</source>
        <translation>Mit dem, was keiner gemessen hat: %1 %2 bis %3.</translation>
    </message>
    <message>
        <source>Could be: it rests on what nobody measured, and one reading settles it. %1</source>
        <translation>Möglich: es beruht auf dem, was keiner gemessen hat, und eine Messung klärt es. %1</translation>
    </message>
    <message>
        <source>use %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>bypass it</source>
        <translation>überbrücken</translation>
    </message>
    <message>
        <source>best other driver</source>
        <translation>der beste andere</translation>
    </message>
    <message>
        <source>measure it</source>
        <translation>messen</translation>
    </message>
    <message>
        <source>high-pass %1</source>
        <translation>Hochpass %1</translation>
    </message>
    <message>
        <source>spacer %1</source>
        <translation>Distanzring %1</translation>
    </message>
    <message>
        <source>take the spacer out</source>
        <translation>Distanzring herausnehmen</translation>
    </message>
    <message>
        <source>ring %1 wide</source>
        <translation>Ring %1 breit</translation>
    </message>
    <message>
        <source>cut it, saw %1</source>
        <translation>schneiden, Säge %1</translation>
    </message>
    <message>
        <source>leave it uncut</source>
        <translation>ungeschnitten lassen</translation>
    </message>
    <message>
        <source>the owner agrees to cut</source>
        <translation>der Besitzer stimmt dem Schnitt zu</translation>
    </message>
    <message>
        <source>cut to %1 by template</source>
        <translation>auf %1 schneiden, nach Schablone</translation>
    </message>
    <message>
        <source>strike the hole out</source>
        <translation>das Loch streichen</translation>
    </message>
    <message>
        <source>turn it as the holes want</source>
        <translation>drehen, wie die Löcher wollen</translation>
    </message>
    <message>
        <source>a bracket from the shelf</source>
        <translation>ein Halter aus dem Regal</translation>
    </message>
    <message>
        <source>break the tabs off: %1 holes meet then</source>
        <translation>Laschen abbrechen: dann passen %1 Löcher</translation>
    </message>
    <message>
        <source>new pilot holes</source>
        <translation>neue Schraublöcher</translation>
    </message>
    <message>
        <source>open the cover</source>
        <translation>Abdeckung öffnen</translation>
    </message>
    <message>
        <source>ring and screws</source>
        <translation>Ring und Schrauben</translation>
    </message>
    <message>
        <source>seal the edge</source>
        <translation>Rand abdichten</translation>
    </message>
    <message>
        <source>%1 hole and bush</source>
        <translation>Loch %1 mit Tülle</translation>
    </message>
    <message>
        <source>cut to %1</source>
        <translation>auf %1 schneiden</translation>
    </message>
    <message>
        <source>screws of %1</source>
        <translation>Schrauben von %1</translation>
    </message>
    <message>
        <source>cut it away, %1 more</source>
        <translation>wegschneiden, %1 mehr</translation>
    </message>
    <message>
        <source>leave it whole</source>
        <translation>ganz lassen</translation>
    </message>
    <message>
        <source>coils in series, %1</source>
        <translation>Spulen in Reihe, %1</translation>
    </message>
    <message>
        <source>coils in parallel, %1</source>
        <translation>Spulen parallel, %1</translation>
    </message>
    <message>
        <source>turn that coil over</source>
        <translation>diese Spule umpolen</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 dazu</translation>
    </message>
    <message>
        <source>%1 in series, %2</source>
        <translation>%1 in Reihe, %2</translation>
    </message>
    <message>
        <source>turn it like its twin</source>
        <translation>drehen wie ihr Gegenüber</translation>
    </message>
    <message>
        <source>take the bridge out, %1</source>
        <translation>Brücke herausnehmen, %1</translation>
    </message>
    <message>
        <source>feed it from a free channel</source>
        <translation>aus einem freien Kanal speisen</translation>
    </message>
    <message>
        <source>a fuse of %1 A</source>
        <translation>eine Sicherung von %1 A</translation>
    </message>
    <message>
        <source>cable of %1 mm²</source>
        <translation>Kabel von %1 mm²</translation>
    </message>
    <message>
        <source>turn it down %1</source>
        <translation>um %1 leiser stellen</translation>
    </message>
    <message>
        <source>Spacer that clears it: %1.</source>
        <translation>Distanzring, der reicht: %1.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>Ring: %1 inside, %2 outside.</source>
        <translation>Ring: innen %1, außen %2.</translation>
    </message>
    <message>
        <source>Saw for its hole: %1.</source>
        <translation>Säge für sein Loch: %1.</translation>
    </message>
    <message>
        <source>Hole by template: %1.</source>
        <translation>Loch nach Schablone: %1.</translation>
    </message>
    <message>
        <source>None of its %1 screw holes meets the vehicle&apos;s.</source>
        <translation>Keins seiner %1 Schraublöcher trifft die des Fahrzeugs.</translation>
    </message>
    <message>
        <source>%1 of %2 screw holes meet, at worst %3 off.</source>
        <translation>%1 von %2 Schraublöchern passen, schlimmstenfalls %3 daneben.</translation>
    </message>
    <message>
        <source>Rotation: %1.</source>
        <translation>Drehung: %1.</translation>
    </message>
    <message>
        <source>In a shock each screw bears %1 N.</source>
        <translation>Bei einem Stoß trägt jede Schraube %1 N.</translation>
    </message>
    <message>
        <source>They hold %1 and have to be %2 long at least.</source>
        <translation>Sie halten %1 und müssen mindestens %2 lang sein.</translation>
    </message>
    <message>
        <source>The old ones are %1 too short now: keep them with the old parts.</source>
        <translation>Die alten sind jetzt %1 zu kurz: zu den alten Teilen legen.</translation>
    </message>
    <message>
        <source>The old ones may serve again where the new flange is no thicker.</source>
        <translation>Die alten taugen wieder, wo der neue Flansch nicht dicker ist.</translation>
    </message>
    <message>
        <source>%1 stand up round the hole.</source>
        <translation>%1 stehen rund um das Loch hoch.</translation>
    </message>
    <message>
        <source>In its air it resonates at %1, Q %2, by estimate; without the strip Q %3, %4 less there.</source>
        <translation>In seiner Luft resoniert er bei %1, Q %2, geschätzt; ohne den Streifen Q %3, dort %4 weniger.</translation>
    </message>
    <message>
        <source>In its air it resonates at %1, Q %2; without the strip Q %3, %4 less there.</source>
        <translation>In seiner Luft resoniert er bei %1, Q %2; ohne den Streifen Q %3, dort %4 weniger.</translation>
    </message>
    <message>
        <source>Leave %1 whole: its depth is not needed.</source>
        <translation>%1 ganz lassen: seine Tiefe wird nicht gebraucht.</translation>
    </message>
    <message>
        <source>In the way: %1.</source>
        <translation>Im Weg: %1.</translation>
    </message>
    <message>
        <source>The cover costs %1 of treble.</source>
        <translation>Die Abdeckung kostet %1 Höhen.</translation>
    </message>
    <message>
        <source>The cone strikes %1</source>
        <translation>Membran stößt an: %1</translation>
    </message>
    <message>
        <source>The cone comes close to %1</source>
        <translation>Membran kommt nahe an: %1</translation>
    </message>
    <message>
        <source>%1 left at full travel, wanted %2; surround %3.</source>
        <translation>%1 bleiben bei vollem Hub, gewünscht %2; Sicke %3.</translation>
    </message>
    <message>
        <source>A pressed surround buzzes or falls silent while the tweeter still plays.</source>
        <translation>Eine gedrückte Sicke schnarrt oder verstummt, während der Hochtöner noch spielt.</translation>
    </message>
    <message>
        <source>%1 too deep for its place</source>
        <translation>%1 zu tief für seinen Platz</translation>
    </message>
    <message>
        <source>Only %1 left behind the magnet</source>
        <translation>Nur %1 bleiben hinter dem Magneten</translation>
    </message>
    <message>
        <source>%1 left, wanted %2: that takes a spacer of %3.</source>
        <translation>%1 bleiben, gewünscht %2: das braucht einen Distanzring von %3.</translation>
    </message>
    <message>
        <source>%1 left, wanted %2.</source>
        <translation>%1 bleiben, gewünscht %2.</translation>
    </message>
    <message>
        <source>No spacer one can buy brings it clear and still leaves room in front.</source>
        <translation>Kein käuflicher Distanzring macht ihn frei und lässt vorn noch Platz.</translation>
    </message>
    <message>
        <source>What lies behind moves, swells and rattles; a magnet that touches it is heard.</source>
        <translation>Was dahinter liegt, bewegt sich, quillt und klappert; ein Magnet, der anliegt, ist zu hören.</translation>
    </message>
    <message>
        <source>Nobody knows where the window runs</source>
        <translation>Keiner weiß, wo die Scheibe läuft</translation>
    </message>
    <message>
        <source>The driver is %1 deep; how far the glass is behind its face was not measured.</source>
        <translation>Der Lautsprecher ist %1 tief; wie weit die Scheibe hinter seiner Auflage liegt, wurde nicht gemessen.</translation>
    </message>
    <message>
        <source>Wind it up and down and try the glass before anything is cut or closed.</source>
        <translation>Scheibe hoch- und herunterfahren und probieren, bevor etwas geschnitten oder geschlossen wird.</translation>
    </message>
    <message>
        <source>The window meets the driver</source>
        <translation>Die Scheibe trifft den Lautsprecher</translation>
    </message>
    <message>
        <source>The window passes very close</source>
        <translation>Die Scheibe geht sehr nahe vorbei</translation>
    </message>
    <message>
        <source>%1: %2 into it.</source>
        <translation>%1: %2 hinein.</translation>
    </message>
    <message>
        <source>%1: %2 left, wanted %3.</source>
        <translation>%1: %2 bleiben, gewünscht %3.</translation>
    </message>
    <message>
        <source>Glass breaks, or the lift tears the cable, after the panel is on.</source>
        <translation>Glas bricht, oder der Heber reißt das Kabel, wenn die Verkleidung schon drauf ist.</translation>
    </message>
    <message>
        <source>The screws would hang in air</source>
        <translation>Die Schrauben hingen in der Luft</translation>
    </message>
    <message>
        <source>The hole is %1 wide, this flange and its screws take at most %2.</source>
        <translation>Das Loch ist %1 weit, dieser Flansch und seine Schrauben fassen höchstens %2.</translation>
    </message>
    <message>
        <source>An adapter ring gives them something to bite in and closes the gap.</source>
        <translation>Ein Adapterring gibt ihnen Halt und schließt den Spalt.</translation>
    </message>
    <message>
        <source>The hole has to be cut oval</source>
        <translation>Das Loch muss oval geschnitten werden</translation>
    </message>
    <message>
        <source>It is %1 the long way; the body needs an opening of %2 by %3.</source>
        <translation>Es hat %1 der Länge nach; der Korb braucht eine Öffnung von %2 mal %3.</translation>
    </message>
    <message>
        <source>An oval never goes through a round hole of its short way. Mark it from a template and cut by hand, or use an adapter plate.</source>
        <translation>Ein Oval geht nie durch ein rundes Loch seines kurzen Maßes. Nach Schablone anzeichnen und von Hand schneiden, oder eine Adapterplatte nehmen.</translation>
    </message>
    <message>
        <source>The hole has to be cut wider</source>
        <translation>Das Loch muss weiter geschnitten werden</translation>
    </message>
    <message>
        <source>It is %1, this body needs %2.</source>
        <translation>Es hat %1, dieser Korb braucht %2.</translation>
    </message>
    <message>
        <source>No saw lies between its limits: mark it from a template, cut by hand, file to the line. A cut is for good.</source>
        <translation>Keine Säge liegt zwischen seinen Grenzen: nach Schablone anzeichnen, von Hand schneiden, bis zur Linie feilen. Ein Schnitt ist für immer.</translation>
    </message>
    <message>
        <source>A cut is for good: look behind it first, paint the edge, get every chip out.</source>
        <translation>Ein Schnitt ist für immer: erst dahinter nachsehen, Kante lackieren, jeden Span herausholen.</translation>
    </message>
    <message>
        <source>a hole of %1</source>
        <translation>ein Loch von %1</translation>
    </message>
    <message>
        <source>new screw holes</source>
        <translation>neue Schraublöcher</translation>
    </message>
    <message>
        <source>what stands in the way cut off</source>
        <translation>das Hindernis abgeschnitten</translation>
    </message>
    <message>
        <source>the vehicle&apos;s plug cut off</source>
        <translation>der Fahrzeugstecker abgeschnitten</translation>
    </message>
    <message>
        <source>Cut for good, where nothing may be cut</source>
        <translation>Für immer geschnitten, wo nichts geschnitten werden darf</translation>
    </message>
    <message>
        <source>Planned: %1.</source>
        <translation>Geplant: %1.</translation>
    </message>
    <message>
        <source>The owner wants no cutting. Take it back, choose what fits, or let the owner agree to it.</source>
        <translation>Der Besitzer will keinen Schnitt. Zurücknehmen, etwas Passendes wählen oder den Besitzer zustimmen lassen.</translation>
    </message>
    <message>
        <source>The dome&apos;s size stands where the hole belongs</source>
        <translation>Das Maß der Kalotte steht, wo das Loch hingehört</translation>
    </message>
    <message>
        <source>Hole %1, dome %2; a body of this kind is about %3.</source>
        <translation>Loch %1, Kalotte %2; ein Korb dieser Art hat etwa %3.</translation>
    </message>
    <message>
        <source>A tweeter is sold by its dome; the body behind the flange is nearly twice as wide.</source>
        <translation>Ein Hochtöner wird nach seiner Kalotte verkauft; der Korb hinter dem Flansch ist fast doppelt so weit.</translation>
    </message>
    <message>
        <source>%1 of %2 screw holes line up</source>
        <translation>%1 von %2 Schraublöchern decken sich</translation>
    </message>
    <message>
        <source>At the best turn %1 meet, wanted %2.</source>
        <translation>Bestens gedreht passen %1, gewünscht %2.</translation>
    </message>
    <message>
        <source>Fewer than that hold a driver crooked; new pilot holes are for good.</source>
        <translation>Weniger halten einen Lautsprecher schief; neue Schraublöcher sind für immer.</translation>
    </message>
    <message>
        <source>Its screws would hang in air</source>
        <translation>Seine Schrauben hingen in der Luft</translation>
    </message>
    <message>
        <source>They stand %1 apart; a flange like that holds them up to %2.</source>
        <translation>Sie stehen %1 auseinander; ein solcher Flansch fasst sie bis %2.</translation>
    </message>
    <message>
        <source>Pattern and flange are not of one driver: one of its own figures is wrong.</source>
        <translation>Lochbild und Flansch gehören nicht zusammen: eins seiner eigenen Maße ist falsch.</translation>
    </message>
    <message>
        <source>What covers it swallows %1</source>
        <translation>Was davor liegt, schluckt %1</translation>
    </message>
    <message>
        <source>Mean of 4–20 kHz; noted from %1.</source>
        <translation>Mittel von 4–20 kHz; gemeldet ab %1.</translation>
    </message>
    <message>
        <source>Treble that stays in cloth or carpet was paid for and is not heard.</source>
        <translation>Höhen, die in Stoff oder Teppich bleiben, sind bezahlt und nicht zu hören.</translation>
    </message>
    <message>
        <source>%1 on adhesive alone</source>
        <translation>%1 nur geklebt</translation>
    </message>
    <message>
        <source>Adhesive is trusted to %1 here.</source>
        <translation>Kleber werden hier %1 zugetraut.</translation>
    </message>
    <message>
        <source>In the sun it softens and lets go; a bracket or a ring holds.</source>
        <translation>In der Sonne wird er weich und lässt los; ein Halter oder Ring hält.</translation>
    </message>
    <message>
        <source>A loop hangs where the window runs</source>
        <translation>Eine Schlaufe hängt, wo die Scheibe läuft</translation>
    </message>
    <message>
        <source>Too much slack in the door</source>
        <translation>Zu viel Spiel im Kabel der Tür</translation>
    </message>
    <message>
        <source>Too little slack in the door</source>
        <translation>Zu wenig Spiel im Kabel der Tür</translation>
    </message>
    <message>
        <source>%1 over the way it takes; wanted %2 %3.</source>
        <translation>%1 über dem Weg, den es nimmt; gewünscht %2 %3.</translation>
    </message>
    <message>
        <source>Too short tears at service, too long catches the glass. Tie it low, terminals down.</source>
        <translation>Zu kurz reißt bei der Wartung, zu lang fängt die Scheibe. Tief anbinden, Anschlüsse nach unten.</translation>
    </message>
    <message>
        <source>%1 apart in level</source>
        <translation>%1 im Pegel auseinander</translation>
    </message>
    <message>
        <source>Each in the band it plays, at the same volts; noted from %1.</source>
        <translation>Jeder in seinem Band, bei gleicher Spannung; gemeldet ab %1.</translation>
    </message>
    <message>
        <source>The louder one pulls the image towards it. Turn it down, or pad it.</source>
        <translation>Der lautere zieht das Klangbild zu sich. Leiser stellen oder dämpfen.</translation>
    </message>
    <message>
        <source>Nobody knows of a hole there</source>
        <translation>Keiner weiß dort von einem Loch</translation>
    </message>
    <message>
        <source>It needs one of %1 to %2.</source>
        <translation>Er braucht eins von %1 bis %2.</translation>
    </message>
    <message>
        <source>Look behind the trim: where the vehicle has an opening, measure it; where it has none, one is cut for good.</source>
        <translation>Hinter der Verkleidung nachsehen: wo das Fahrzeug eine Öffnung hat, sie messen; wo keine ist, wird für immer geschnitten.</translation>
    </message>
    <message>
        <source>what covers it</source>
        <translation>was davor liegt</translation>
    </message>
    <message>
        <source>the panel it is clamped under</source>
        <translation>die Verkleidung, unter die er geklemmt ist</translation>
    </message>
    <message>
        <source>Nothing seals the edge of the driver</source>
        <translation>Nichts dichtet den Rand des Lautsprechers</translation>
    </message>
    <message>
        <source>A strip of %1 round the flange closes it.</source>
        <translation>Ein Streifen von %1 rund um den Flansch schließt ihn.</translation>
    </message>
    <message>
        <source>Air that gets past the edge takes the bass with it; factory foam goes back or is replaced.</source>
        <translation>Luft, die am Rand vorbeigeht, nimmt den Bass mit; der Schaum ab Werk kommt zurück oder wird ersetzt.</translation>
    </message>
    <message>
        <source>The spacer has no way out for the cable</source>
        <translation>Der Distanzring hat keinen Ausgang für das Kabel</translation>
    </message>
    <message>
        <source>No notch; a hole of %1 with a bush gives it one.</source>
        <translation>Keine Kerbe; ein Loch von %1 mit Tülle gibt ihm einen.</translation>
    </message>
    <message>
        <source>A cable clamped under a ring is cut through by the first bumps.</source>
        <translation>Ein Kabel, unter einen Ring geklemmt, ist nach den ersten Schlaglöchern durch.</translation>
    </message>
    <message>
        <source>The screws go into plastic</source>
        <translation>Die Schrauben gehen in Kunststoff</translation>
    </message>
    <message>
        <source>Start them all by hand, then evenly, low clutch.</source>
        <translation>Alle von Hand ansetzen, dann gleichmäßig, Kupplung klein.</translation>
    </message>
    <message>
        <source>A stripped boss holds nothing and is not replaced.</source>
        <translation>Ein ausgerissener Dom hält nichts und wird nicht ersetzt.</translation>
    </message>
    <message>
        <source>The cut is not needed</source>
        <translation>Der Schnitt ist nicht nötig</translation>
    </message>
    <message>
        <source>%1 are left with it whole, wanted %2.</source>
        <translation>%1 bleiben auch so, gewünscht %2.</translation>
    </message>
    <message>
        <source>What holds a cable holds it better as it was made; a cut is for good.</source>
        <translation>Was ein Kabel hält, hält es besser, wie es gemacht wurde; ein Schnitt ist für immer.</translation>
    </message>
    <message>
        <source>Heavy for its screws</source>
        <translation>Schwer für seine Schrauben</translation>
    </message>
    <message>
        <source>%1 N on each in a shock, such a fixing is trusted with %2 N.</source>
        <translation>%1 N auf jede bei einem Stoß, einer solchen Befestigung werden %2 N zugetraut.</translation>
    </message>
    <message>
        <source>It works loose, then rattles, then falls. More screws or a ring behind the panel share it.</source>
        <translation>Er löst sich, dann klappert er, dann fällt er. Mehr Schrauben oder ein Ring hinter dem Blech verteilen es.</translation>
    </message>
    <message>
        <source>A count is still open on the way in</source>
        <translation>Auf dem Weg hinein ist noch eine Zahl offen</translation>
    </message>
    <message numerus="yes">
        <source>%n panel(s) to come off with no fastener counted.</source>
        <translation>
            <numerusform>%n Verkleidung muss ab, ohne gezählte Befestiger.</numerusform>
            <numerusform>%n Verkleidungen müssen ab, ohne gezählte Befestiger.</numerusform>
        </translation>
    </message>
    <message>
        <source>Pull only when the count of fasteners left is zero.</source>
        <translation>Erst ziehen, wenn kein Befestiger mehr übrig ist.</translation>
    </message>
    <message>
        <source>The screws reach too far</source>
        <translation>Die Schrauben reichen zu weit</translation>
    </message>
    <message>
        <source>Their points are %1 past what lies behind.</source>
        <translation>Ihre Spitzen stehen %1 über das, was dahinter liegt.</translation>
    </message>
    <message>
        <source>They meet glass, cable or tank. Shorter screws, and a stop on the drill.</source>
        <translation>Sie treffen Scheibe, Kabel oder Tank. Kürzere Schrauben und ein Anschlag am Bohrer.</translation>
    </message>
    <message>
        <source>The source clips long before this coil is tired</source>
        <translation>Die Quelle clippt, lange bevor diese Spule müde ist</translation>
    </message>
    <message>
        <source>It gives up to %1; the coil is rated %2, that is %3 over it.</source>
        <translation>Sie gibt bis zu %1; die Spule ist für %2 gebaut, das sind %3 mehr.</translation>
    </message>
    <message>
        <source>A rating is heat, not loudness. Mark where it still plays clean on the volume knob.</source>
        <translation>Eine Belastbarkeit ist Wärme, nicht Lautheit. Am Lautstärkeknopf markieren, bis wohin es sauber spielt.</translation>
    </message>
    <message>
        <source>parts for the shelf</source>
        <translation>Teile fürs Regal</translation>
    </message>
    <message>
        <source>pins of a source</source>
        <translation>Stifte einer Quelle</translation>
    </message>
    <message>
        <source>Whose pins?</source>
        <translation>Wessen Stifte?</translation>
    </message>
    <message>
        <source>measured response of a driver</source>
        <translation>gemessener Frequenzgang eines Lautsprechers</translation>
    </message>
    <message>
        <source>Whose response?</source>
        <translation>Wessen Frequenzgang?</translation>
    </message>
    <message numerus="yes">
        <source>%1: %n part(s) taken in, %2 of them new.</source>
        <translation>
            <numerusform>%1: %n Teil übernommen, %2 davon neu.</numerusform>
            <numerusform>%1: %n Teile übernommen, %2 davon neu.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %n line(s) taken in.</source>
        <translation>
            <numerusform>%1: %n Zeile übernommen.</numerusform>
            <numerusform>%1: %n Zeilen übernommen.</numerusform>
        </translation>
    </message>
    <message>
        <source>The column %1 is not known here and was passed over.</source>
        <translation>Die Spalte %1 ist hier nicht bekannt und wurde übergangen.</translation>
    </message>
    <message>
        <source>This source has no %1; add its channel first.</source>
        <translation>Diese Quelle hat kein %1; erst ihren Kanal anlegen.</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) left out:</source>
        <translation>
            <numerusform>%n Zeile ausgelassen:</numerusform>
            <numerusform>%n Zeilen ausgelassen:</numerusform>
        </translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>new end</source>
        <translation>neues Ende</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>goes</source>
        <translation>kommt weg</translation>
    </message>
    <message>
        <source>foam gasket</source>
        <translation>Schaumdichtung</translation>
    </message>
    <message>
        <source>foam ring from driver to card</source>
        <translation>Schaumring vom Lautsprecher zur Verkleidung</translation>
    </message>
    <message>
        <source>backing ring behind the panel</source>
        <translation>Gegenring hinter dem Blech</translation>
    </message>
    <message>
        <source>assembly adhesive and cleaner</source>
        <translation>Montagekleber und Reiniger</translation>
    </message>
    <message>
        <source>crimp splices with a sealing sleeve</source>
        <translation>Quetschverbinder mit Dichthülse</translation>
    </message>
    <message>
        <source>paint against rust, for cut edges</source>
        <translation>Rostschutzlack für Schnittkanten</translation>
    </message>
    <message>
        <source>sealing cord for the film behind the panel</source>
        <translation>Dichtschnur für die Folie hinter der Verkleidung</translation>
    </message>
    <message>
        <source>spare trim clips</source>
        <translation>Ersatzclips für Verkleidungen</translation>
    </message>
    <message>
        <source>cable ties</source>
        <translation>Kabelbinder</translation>
    </message>
    <message>
        <source>sealed plugs</source>
        <translation>dichte Stecker</translation>
    </message>
    <message>
        <source>tethers</source>
        <translation>Fangleinen</translation>
    </message>
    <message>
        <source>sets of lock washers</source>
        <translation>Sätze Sicherungsscheiben</translation>
    </message>
    <message>
        <source>sets of tamper-proof bolts</source>
        <translation>Sätze Sicherheitsschrauben</translation>
    </message>
    <message>
        <source>badges</source>
        <translation>Schriftzüge</translation>
    </message>
    <message>
        <source>light controller</source>
        <translation>Lichtsteuerung</translation>
    </message>
    <message>
        <source>fuse holders, for near the battery</source>
        <translation>Sicherungshalter, nahe der Batterie</translation>
    </message>
    <message>
        <source>supply cable</source>
        <translation>Versorgungskabel</translation>
    </message>
    <message>
        <source>speaker cable, two cores</source>
        <translation>Lautsprecherkabel, zwei Adern</translation>
    </message>
    <message>
        <source>new labels, where the old ones do not come off whole</source>
        <translation>neue Aufkleber, wo die alten nicht heil abgehen</translation>
    </message>
    <message>
        <source>bags and tags for the old parts</source>
        <translation>Beutel und Anhänger für die alten Teile</translation>
    </message>
    <message>
        <source>%1, %2 in all</source>
        <translation>%1, insgesamt %2</translation>
    </message>
    <message>
        <source>cross-section not said</source>
        <translation>Querschnitt nicht angegeben</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>What to do</source>
        <translation>Was zu tun ist</translation>
    </message>
    <message>
        <source>Tools</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>Caution</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>Wire</source>
        <translation>Ader</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Nach</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>not noted</source>
        <translation>nicht notiert</translation>
    </message>
    <message>
        <source>Count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Before ordering</source>
        <translation>Vor dem Bestellen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>glass, rods, drains and sensors</source>
        <translation>Scheibe, Gestänge, Abläufe und Sensoren</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Clear of %1.</source>
        <translation>Frei halten: %1.</translation>
    </message>
    <message>
        <source>In %1 layers, joints apart.</source>
        <translation>In %1 Lagen, Stöße versetzt.</translation>
    </message>
    <message>
        <source>Put %1 between trim and metal at %2, where it touches no cone and nothing that moves. %3</source>
        <translation>Bei %2 zwischen Verkleidung und Blech legen: %1, wo es keine Membran und nichts Bewegtes berührt. %3</translation>
    </message>
    <message>
        <source>Hang %1 behind the trim at %2, every joint lapped and taped, holes for plugs and clips cut again. %3</source>
        <translation>Bei %2 hinter die Verkleidung hängen: %1, jeder Stoß überlappt und verklebt, Löcher für Stecker und Clips wieder ausgeschnitten. %3</translation>
    </message>
    <message>
        <source>Lay %1 on the bare skin behind %2, rolled from the middle until its pattern is flat. %3</source>
        <translation>Hinter %2 auf das blanke Blech legen: %1, von der Mitte her angerollt, bis das Muster flach ist. %3</translation>
    </message>
    <message>
        <source>glass and its rails</source>
        <translation>Scheibe und Schienen</translation>
    </message>
    <message>
        <source>rods and cables</source>
        <translation>Gestänge und Züge</translation>
    </message>
    <message>
        <source>drain holes</source>
        <translation>Abläufe</translation>
    </message>
    <message>
        <source>side-impact sensor</source>
        <translation>Seitenaufprallsensor</translation>
    </message>
    <message>
        <source>vents</source>
        <translation>Lüftungen</translation>
    </message>
    <message>
        <source>damper</source>
        <translation>Dämpfer</translation>
    </message>
    <message>
        <source>decoupler</source>
        <translation>Entkoppler</translation>
    </message>
    <message>
        <source>barrier</source>
        <translation>Sperre</translation>
    </message>
    <message>
        <source>%1 of skin, %2 of it free</source>
        <translation>%1 Blech, davon %2 frei</translation>
    </message>
    <message>
        <source>%1 of skin</source>
        <translation>%1 Blech</translation>
    </message>
    <message>
        <source>%1 kg/m²</source>
        <translation>%1 kg/m²</translation>
    </message>
    <message>
        <source>%1, %2.</source>
        <translation>%1, %2.</translation>
    </message>
    <message>
        <source>%1, %2, by the kind of place: measure it.</source>
        <translation>%1, %2, nach Art des Platzes: messen.</translation>
    </message>
    <message numerus="yes">
        <source>%n sheet(s)</source>
        <translation>
            <numerusform>%n Platte</numerusform>
            <numerusform>%n Platten</numerusform>
        </translation>
    </message>
    <message>
        <source>Both sides: %1.</source>
        <translation>Beide Seiten: %1.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1 less noise from outside, by mass alone. That it rings less is heard, and no figure tells it.</source>
        <translation>%1 weniger Lärm von außen, allein durch Masse. Dass es weniger nachklingt, hört man, und keine Zahl sagt es.</translation>
    </message>
    <message>
        <source>More than the %1 that are free.</source>
        <translation>Mehr als die %1, die frei sind.</translation>
    </message>
    <message>
        <source>Warm the old %1 behind %2, lift it off and take what sticks off the metal.</source>
        <translation>Hinter %2 das alte Material (%1) anwärmen, abheben und den Rest vom Blech lösen.</translation>
    </message>
    <message>
        <source>Behind %1: wash, degrease, let dry. Skin and sheets hand-warm, 20 °C or more; cold, nothing sticks.</source>
        <translation>Hinter %1: waschen, entfetten, trocknen lassen. Blech und Platten handwarm, 20 °C oder mehr; kalt klebt nichts.</translation>
    </message>
    <message>
        <source>Behind %1: tap for hollows and roll them down; a cup of water runs out of the drains; glass, lock and rods move free; holes for clips are open again.</source>
        <translation>Hinter %1: nach Hohlstellen klopfen und sie anrollen; ein Becher Wasser läuft durch die Abläufe ab; Scheibe, Schloss und Gestänge gehen frei; Löcher für Clips sind wieder offen.</translation>
    </message>
    <message>
        <source>The source sees only %1</source>
        <translation>Die Quelle sieht nur %1</translation>
    </message>
    <message>
        <source>Least load %1 at %2; its stable minimum of %3 nominal allows down to %4.</source>
        <translation>Kleinste Last %1 bei %2; ihr stabiles Minimum von nominell %3 erlaubt bis %4.</translation>
    </message>
    <message>
        <source>Below it the output stage carries more current than it was built for: it cuts out, overheats or dies.</source>
        <translation>Darunter trägt die Endstufe mehr Strom, als sie gebaut ist: sie schaltet ab, überhitzt oder stirbt.</translation>
    </message>
    <message>
        <source>Less resistance than the factory speaker had</source>
        <translation>Weniger Widerstand, als der Werkslautsprecher hatte</translation>
    </message>
    <message>
        <source>%1 (%2) instead of %3 (%4): %5 of the old one, wanted %6.</source>
        <translation>%1 (%2) statt %3 (%4): %5 des alten, gewünscht %6.</translation>
    </message>
    <message>
        <source>The factory source drives more current all the time. Nearer ohms, or a warm-up test with a hand on the case, settle it.</source>
        <translation>Die Werksquelle treibt dauernd mehr Strom. Näher an den alten Ohm, oder ein Warmlauf mit der Hand am Gehäuse, klärt es.</translation>
    </message>
    <message>
        <source>The new speaker plays %1 quieter</source>
        <translation>Der neue Lautsprecher spielt %1 leiser</translation>
    </message>
    <message>
        <source>%1 instead of %2: %3 where it plays, at the same volts, noted from %4.</source>
        <translation>%1 statt %2: %3, wo er spielt, bei gleicher Spannung, gemeldet ab %4.</translation>
    </message>
    <message>
        <source>A higher impedance draws less power from the same source; only a more sensitive driver gives it back.</source>
        <translation>Eine höhere Impedanz nimmt derselben Quelle weniger Leistung ab; nur ein empfindlicherer Lautsprecher holt es zurück.</translation>
    </message>
    <message>
        <source>The coil can get more than it is rated for</source>
        <translation>Die Spule kann mehr bekommen, als sie verträgt</translation>
    </message>
    <message>
        <source>Programme %1, a sine at %2 up to %3; rated %4.</source>
        <translation>Programm %1, ein Sinus bei %2 bis %3; belastbar %4.</translation>
    </message>
    <message>
        <source>With the source at its limit the coil heats beyond its rating; nothing in it says so before it fails.</source>
        <translation>Mit der Quelle an ihrer Grenze wird die Spule heißer, als sie verträgt; nichts sagt es, bevor sie versagt.</translation>
    </message>
    <message>
        <source>The capacitor&apos;s nominal corner is %1 now, not %2</source>
        <translation>Die nominelle Grenzfrequenz des Kondensators ist jetzt %1, nicht %2</translation>
    </message>
    <message>
        <source>%1 into %2: %3 away from where it was, at most %4 goes unnoticed.</source>
        <translation>%1 an %2: %3 neben dem alten Wert, höchstens %4 bleiben unbemerkt.</translation>
    </message>
    <message>
        <source>It was chosen for the old impedance. Kept, it moves the lowest note this place plays.</source>
        <translation>Er wurde für die alte Impedanz gewählt. Bleibt er, verschiebt er den tiefsten Ton dieses Platzes.</translation>
    </message>
    <message>
        <source>It was chosen for the old impedance. No single capacitor puts the corner back and holds the cone within its travel: a filter of the channel, or another driver, does.</source>
        <translation>Er wurde für die alte Impedanz gewählt. Kein einzelner Kondensator bringt die Grenzfrequenz zurück und hält die Membran in ihrem Hub: das tut ein Filter des Kanals oder ein anderer Lautsprecher.</translation>
    </message>
    <message>
        <source>draws about %1 at full drive</source>
        <translation>zieht bei Vollaussteuerung etwa %1</translation>
    </message>
    <message>
        <source>nobody knows what it draws</source>
        <translation>keiner weiß, was er zieht</translation>
    </message>
    <message>
        <source>The fuse does not protect its cable</source>
        <translation>Die Sicherung schützt ihr Kabel nicht</translation>
    </message>
    <message>
        <source>Fuse %1; the cable carries %2 at least; it %3.</source>
        <translation>Sicherung %1; das Kabel trägt mindestens %2; er %3.</translation>
    </message>
    <message>
        <source>In a short the cable burns before the fuse goes.</source>
        <translation>Bei einem Kurzschluss brennt das Kabel, bevor die Sicherung geht.</translation>
    </message>
    <message>
        <source>The added amplifier has no fuse</source>
        <translation>Der zusätzliche Verstärker hat keine Sicherung</translation>
    </message>
    <message>
        <source>None noted; it %1.</source>
        <translation>Keine notiert; er %1.</translation>
    </message>
    <message>
        <source>A cable from the battery without one is a fire in a short. It sits within %1 of cable from the battery.</source>
        <translation>Ein Kabel von der Batterie ohne sie ist bei Kurzschluss ein Brand. Sie sitzt innerhalb von %1 Kabel ab der Batterie.</translation>
    </message>
    <message>
        <source>Nobody said which cable the fuse protects</source>
        <translation>Keiner hat gesagt, welches Kabel die Sicherung schützt</translation>
    </message>
    <message>
        <source>Fuse %1; it %2.</source>
        <translation>Sicherung %1; er %2.</translation>
    </message>
    <message>
        <source>A fuse is chosen for its cable: where that is thinner, the cable burns first.</source>
        <translation>Eine Sicherung wird nach ihrem Kabel gewählt: wo das dünner ist, brennt zuerst das Kabel.</translation>
    </message>
    <message>
        <source>The fuse is smaller than the load</source>
        <translation>Die Sicherung ist kleiner als die Last</translation>
    </message>
    <message>
        <source>It blows in a loud passage, with nothing wrong.</source>
        <translation>Sie brennt an einer lauten Stelle durch, obwohl nichts fehlt.</translation>
    </message>
    <message>
        <source>A capacitor behind an output that is filtered already</source>
        <translation>Ein Kondensator hinter einem Ausgang, der schon gefiltert ist</translation>
    </message>
    <message>
        <source>The channel holds back below %1; %2 cuts again at %3.</source>
        <translation>Der Kanal hält unter %1 zurück; %2 trennt noch einmal bei %3.</translation>
    </message>
    <message>
        <source>Two schools: keep it, it still protects if the filter is ever switched off; bypass it, two filters stacked thin the sound.</source>
        <translation>Zwei Schulen: lassen, er schützt noch, falls der Filter einmal aus ist; überbrücken, zwei Filter hintereinander machen den Klang dünn.</translation>
    </message>
    <message>
        <source>about %1 times as loud at %2</source>
        <translation>etwa %1-mal so laut bei %2</translation>
    </message>
    <message>
        <source>less than a minute</source>
        <translation>weniger als eine Minute</translation>
    </message>
    <message>
        <source>It can get louder than an ear bears all day: at %1, A-weighted, %2 a day by the NIOSH criterion.</source>
        <translation>Es kann lauter werden, als ein Ohr den ganzen Tag verträgt: bei %1, A-bewertet, %2 am Tag nach dem NIOSH-Kriterium.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>stated</source>
        <translation>angegeben</translation>
    </message>
    <message>
        <source>common practice</source>
        <translation>gängige Praxis</translation>
    </message>
    <message>
        <source>class guess</source>
        <translation>nach Bauart geschätzt</translation>
    </message>
    <message>
        <source>%1, to confirm</source>
        <translation>%1, zu bestätigen</translation>
    </message>
    <message>
        <source>source clips</source>
        <translation>Quelle clippt</translation>
    </message>
    <message>
        <source>coil heats</source>
        <translation>Spule heizt</translation>
    </message>
    <message>
        <source>cone travel</source>
        <translation>Hub der Membran</translation>
    </message>
    <message>
        <source>deep bass</source>
        <translation>Tiefbass</translation>
    </message>
    <message>
        <source>mid-bass</source>
        <translation>Oberbass</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitten</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Höhen</translation>
    </message>
    <message>
        <source>20–60 Hz</source>
        <translation>20–60 Hz</translation>
    </message>
    <message>
        <source>60–250 Hz</source>
        <translation>60–250 Hz</translation>
    </message>
    <message>
        <source>250 Hz–4 k</source>
        <translation>250 Hz–4 k</translation>
    </message>
    <message>
        <source>4–20 k</source>
        <translation>4–20 k</translation>
    </message>
    <message>
        <source>driver&apos;s seat</source>
        <translation>Fahrersitz</translation>
    </message>
    <message>
        <source>front passenger</source>
        <translation>Beifahrer</translation>
    </message>
    <message>
        <source>rear seat, left</source>
        <translation>Rücksitz links</translation>
    </message>
    <message>
        <source>rear seat, right</source>
        <translation>Rücksitz rechts</translation>
    </message>
    <message>
        <source>New job, %1</source>
        <translation>Neuer Auftrag, %1</translation>
    </message>
    <message>
        <source>hatchback</source>
        <translation>Schrägheck</translation>
    </message>
    <message>
        <source>saloon</source>
        <translation>Limousine</translation>
    </message>
    <message>
        <source>estate</source>
        <translation>Kombi</translation>
    </message>
    <message>
        <source>coupe</source>
        <translation>Coupé</translation>
    </message>
    <message>
        <source>classic</source>
        <translation>Oldtimer</translation>
    </message>
    <message>
        <source>pickup</source>
        <translation>Pickup</translation>
    </message>
    <message>
        <source>off-road</source>
        <translation>Geländewagen</translation>
    </message>
    <message>
        <source>van</source>
        <translation>Lieferwagen</translation>
    </message>
    <message>
        <source>bus</source>
        <translation>Bus</translation>
    </message>
    <message>
        <source>open two-seater</source>
        <translation>offener Zweisitzer</translation>
    </message>
    <message>
        <source>open side-by-side</source>
        <translation>offen, Sitze nebeneinander</translation>
    </message>
    <message>
        <source>motorcycle</source>
        <translation>Motorrad</translation>
    </message>
    <message>
        <source>boat</source>
        <translation>Boot</translation>
    </message>
    <message>
        <source>fit %1</source>
        <translation>%1 einbauen</translation>
    </message>
    <message>
        <source>take the network out</source>
        <translation>Weiche herausnehmen</translation>
    </message>
    <message>
        <source>take the fuse out</source>
        <translation>Sicherung herausnehmen</translation>
    </message>
    <message>
        <source>replace the capacitor</source>
        <translation>Kondensator ersetzen</translation>
    </message>
    <message>
        <source>bypass the capacitor</source>
        <translation>Kondensator überbrücken</translation>
    </message>
    <message>
        <source>set a high-pass</source>
        <translation>Hochpass setzen</translation>
    </message>
    <message>
        <source>enter a reading</source>
        <translation>Messung eintragen</translation>
    </message>
    <message>
        <source>change the job</source>
        <translation>Auftrag ändern</translation>
    </message>
    <message>
        <source>set delays, levels and polarity</source>
        <translation>Verzögerung, Pegel und Polung setzen</translation>
    </message>
    <message>
        <source>move a speaker</source>
        <translation>Lautsprecher verschieben</translation>
    </message>
    <message>
        <source>add a place</source>
        <translation>Platz dazu</translation>
    </message>
    <message>
        <source>change a place</source>
        <translation>Platz ändern</translation>
    </message>
    <message>
        <source>remove a place</source>
        <translation>Platz entfernen</translation>
    </message>
    <message>
        <source>copy one side to the other</source>
        <translation>eine Seite auf die andere übertragen</translation>
    </message>
    <message>
        <source>change the vehicle</source>
        <translation>Fahrzeug ändern</translation>
    </message>
    <message>
        <source>move a seat</source>
        <translation>Sitz verschieben</translation>
    </message>
    <message>
        <source>add speakers</source>
        <translation>Lautsprecher dazu</translation>
    </message>
    <message>
        <source>take a speaker off the list</source>
        <translation>Lautsprecher von der Liste nehmen</translation>
    </message>
    <message>
        <source>change what is fitted</source>
        <translation>ändern, was verbaut ist</translation>
    </message>
    <message>
        <source>change the channel</source>
        <translation>Kanal ändern</translation>
    </message>
    <message>
        <source>note a wire&apos;s colour</source>
        <translation>Farbe einer Ader notieren</translation>
    </message>
    <message>
        <source>damp a place</source>
        <translation>Platz dämmen</translation>
    </message>
    <message>
        <source>seal or open a place</source>
        <translation>Platz abdichten oder öffnen</translation>
    </message>
    <message>
        <source>add a source</source>
        <translation>Quelle dazu</translation>
    </message>
    <message>
        <source>change a source</source>
        <translation>Quelle ändern</translation>
    </message>
    <message>
        <source>add a panel</source>
        <translation>Verkleidung dazu</translation>
    </message>
    <message>
        <source>change a panel</source>
        <translation>Verkleidung ändern</translation>
    </message>
    <message>
        <source>remove a panel</source>
        <translation>Verkleidung entfernen</translation>
    </message>
    <message>
        <source>turn a driver</source>
        <translation>Lautsprecher drehen</translation>
    </message>
    <message>
        <source>change how a driver is held</source>
        <translation>Befestigung eines Lautsprechers ändern</translation>
    </message>
    <message>
        <source>join the coils another way</source>
        <translation>Spulen anders verbinden</translation>
    </message>
    <message>
        <source>turn a speaker&apos;s wires over</source>
        <translation>Adern eines Lautsprechers drehen</translation>
    </message>
    <message>
        <source>change a speaker&apos;s filter</source>
        <translation>Filter eines Lautsprechers ändern</translation>
    </message>
    <message>
        <source>add a resistor</source>
        <translation>Widerstand dazu</translation>
    </message>
    <message>
        <source>plan more speakers</source>
        <translation>mehr Lautsprecher planen</translation>
    </message>
    <message>
        <source>change a cable&apos;s length</source>
        <translation>Länge eines Kabels ändern</translation>
    </message>
    <message>
        <source>change</source>
        <translation>ändern</translation>
    </message>
    <message>
        <source>the vehicle</source>
        <translation>das Fahrzeug</translation>
    </message>
    <message>
        <source>%1, channel %2</source>
        <translation>%1, Kanal %2</translation>
    </message>
    <message>
        <source>wire %1</source>
        <translation>Ader %1</translation>
    </message>
    <message>
        <source>%1, both sides</source>
        <translation>%1, beide Seiten</translation>
    </message>
    <message>
        <source>%1 ways to wire them, %2 to %3</source>
        <translation>%1 Arten, sie zu verdrahten, %2 bis %3</translation>
    </message>
    <message>
        <source>one way to wire it: %1</source>
        <translation>eine Art, sie zu verdrahten: %1</translation>
    </message>
    <message>
        <source>a is the first coil; + in series, || side by side</source>
        <translation>a ist die erste Spule; + in Reihe, || parallel</translation>
    </message>
    <message>
        <source>below the minimum:</source>
        <translation>unter dem Minimum:</translation>
    </message>
    <message>
        <source>nothing fits</source>
        <translation>nichts passt</translation>
    </message>
    <message>
        <source>as usual %1</source>
        <translation>wie üblich %1</translation>
    </message>
    <message>
        <source>Slate reads lines such as</source>
        <translation>Die Tafel liest Zeilen wie</translation>
    </message>
    <message>
        <source>%1 into %2 cuts at %3</source>
        <translation>%1 an %2 trennt bei %3</translation>
    </message>
    <message>
        <source>−3 dB there and 6 dB an octave below, on a plain resistance; a real driver moves it.</source>
        <translation>−3 dB dort und 6 dB je Oktave darunter, an einem reinen Widerstand; ein echter Lautsprecher verschiebt es.</translation>
    </message>
    <message>
        <source>%1 into %2 wants %3</source>
        <translation>%1 an %2 will %3</translation>
    </message>
    <message>
        <source>To buy: %1</source>
        <translation>Zu kaufen: %1</translation>
    </message>
    <message>
        <source>%1 into %2 is %3 and %4</source>
        <translation>%1 an %2 sind %3 und %4</translation>
    </message>
    <message>
        <source>%1 across %2 is %3 and %4</source>
        <translation>%1 über %2 sind %3 und %4</translation>
    </message>
    <message>
        <source>%1 together</source>
        <translation>%1 zusammen</translation>
    </message>
    <message>
        <source>%1 = %2</source>
        <translation>%1 = %2</translation>
    </message>
    <message>
        <source>%1 in series, %2 in parallel</source>
        <translation>%1 in Reihe, %2 parallel</translation>
    </message>
    <message>
        <source>not below the minimum of %1</source>
        <translation>nicht unter dem Minimum von %1</translation>
    </message>
    <message>
        <source>below the minimum of %1</source>
        <translation>unter dem Minimum von %1</translation>
    </message>
    <message>
        <source>Series: %1. Parallel: %2.</source>
        <translation>Reihe: %1. Parallel: %2.</translation>
    </message>
    <message>
        <source>AWG %1 is %2 mm²</source>
        <translation>AWG %1 sind %2 mm²</translation>
    </message>
    <message>
        <source>high-pass</source>
        <translation>Hochpass</translation>
    </message>
    <message>
        <source>low-pass</source>
        <translation>Tiefpass</translation>
    </message>
    <message>
        <source>equaliser</source>
        <translation>Equalizer</translation>
    </message>
    <message>
        <source>level of each channel</source>
        <translation>Pegel jedes Kanals</translation>
    </message>
    <message>
        <source>where it is</source>
        <translation>wo sie ist</translation>
    </message>
    <message>
        <source>its rated power</source>
        <translation>ihre Leistung</translation>
    </message>
    <message>
        <source>its least load</source>
        <translation>ihre kleinste Last</translation>
    </message>
    <message>
        <source>whether it is full range</source>
        <translation>ob sie alles spielt</translation>
    </message>
    <message>
        <source>whether its outputs float</source>
        <translation>ob ihre Ausgänge schweben</translation>
    </message>
    <message>
        <source>line outputs</source>
        <translation>Line-Ausgänge</translation>
    </message>
    <message>
        <source>what it can be set to</source>
        <translation>was sich einstellen lässt</translation>
    </message>
    <message>
        <source>pins not proved</source>
        <translation>Stifte nicht geprüft</translation>
    </message>
    <message>
        <source>Still open: %1.</source>
        <translation>Noch offen: %1.</translation>
    </message>
    <message>
        <source>no %1</source>
        <translation>kein %1</translation>
    </message>
    <message>
        <source> · </source>
        <translation> · </translation>
    </message>
    <message>
        <source>Not measured yet: %1.</source>
        <translation>Noch nicht gemessen: %1.</translation>
    </message>
    <message>
        <source>unverified</source>
        <translation>ungeprüft</translation>
    </message>
    <message>
        <source>in papers</source>
        <translation>in Unterlagen</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>noch nicht gelesen</translation>
    </message>
    <message>
        <source>as expected</source>
        <translation>wie erwartet</translation>
    </message>
    <message>
        <source>a wire, a plug or the coil is broken</source>
        <translation>eine Ader, ein Stecker oder die Spule ist gebrochen</translation>
    </message>
    <message>
        <source>two wires touch</source>
        <translation>zwei Adern berühren sich</translation>
    </message>
    <message>
        <source>not what is written: another driver, a bad joint, or another wire</source>
        <translation>nicht, was geschrieben steht: anderer Lautsprecher, schlechte Verbindung oder andere Ader</translation>
    </message>
    <message>
        <source>no colour noted</source>
        <translation>keine Farbe notiert</translation>
    </message>
    <message>
        <source>expect %1</source>
        <translation>erwartet %1</translation>
    </message>
    <message>
        <source>expect open, a capacitor lies between</source>
        <translation>erwartet offen, ein Kondensator liegt dazwischen</translation>
    </message>
    <message>
        <source>%1 · + %2, − %3 · %4 · %5</source>
        <translation>%1 · + %2, − %3 · %4 · %5</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>%1 · read %2, %3</source>
        <translation>%1 · gelesen %2, %3</translation>
    </message>
    <message>
        <source>Nothing hangs on any channel yet.</source>
        <translation>Noch hängt nichts an einem Kanal.</translation>
    </message>
    <message>
        <source>Every channel reads as written: order on it.</source>
        <translation>Jeder Kanal liest sich wie geschrieben: danach bestellen.</translation>
    </message>
    <message numerus="yes">
        <source>%n channel(s) not as written: settle that before anything is ordered.</source>
        <translation>
            <numerusform>%n Kanal ist nicht wie geschrieben: klären, bevor bestellt wird.</numerusform>
            <numerusform>%n Kanäle sind nicht wie geschrieben: klären, bevor bestellt wird.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n channel(s) to read before anything is ordered.</source>
        <translation>
            <numerusform>%n Kanal ist zu lesen, bevor bestellt wird.</numerusform>
            <numerusform>%n Kanäle sind zu lesen, bevor bestellt wird.</numerusform>
        </translation>
    </message>
    <message>
        <source>Try everything and note faults that are there already; photograph trim, plugs and wire colours before touching them.</source>
        <translation>Alles ausprobieren und Fehler notieren, die schon da sind; Verkleidung, Stecker und Aderfarben fotografieren, bevor sie angefasst werden.</translation>
    </message>
    <message>
        <source>At the bench, make %1 for %2: bipolar capacitor, insulated and held firm; write + and − on both ends.</source>
        <translation>Am Werktisch %1 für %2 fertig machen: bipolarer Kondensator, isoliert und befestigt; + und − an beide Enden schreiben.</translation>
    </message>
    <message>
        <source>At the bench, make the ring for %1 from its 1:1 template: %2 thick, %3 inside, %4 outside, a notch of %5 for the cable %6. Mark which side faces you, and up.</source>
        <translation>Am Werktisch den Ring für %1 nach der Schablone 1:1 fertigen: %2 dick, innen %3, außen %4, eine Kerbe von %5 für das Kabel %6. Anzeichnen, welche Seite vorn und wo oben ist.</translation>
    </message>
    <message>
        <source>Join the two pins of the capacitor in %1 at %2 with an insulated link.</source>
        <translation>Die beiden Stifte des Kondensators in %1 (%2) mit einer isolierten Brücke verbinden.</translation>
    </message>
    <message>
        <source>Join the coils of %1 at %2 by the wiring table, then the ohmmeter across its leads: expect %3. A cell of 1.5 V across them must move the cone.</source>
        <translation>Die Spulen von %1 (%2) nach der Drahttabelle verbinden, dann Ohmmeter an die Leitungen: erwartet %3. Eine Zelle von 1,5 V daran muss die Membran bewegen.</translation>
    </message>
    <message>
        <source>Put %1 in the plus lead of %2, insulated and held firm.</source>
        <translation>%1 in die Plusleitung setzen (%2), isoliert und befestigt.</translation>
    </message>
    <message>
        <source>Fix %1 at %2, its openings free; look behind before a hole.</source>
        <translation>%1 befestigen (%2), Öffnungen frei; vor jedem Loch dahinter nachsehen.</translation>
    </message>
    <message>
        <source>Find the place for %1, fix it, its openings free; look behind before a hole.</source>
        <translation>Den Platz für %1 finden, befestigen, Öffnungen frei; vor jedem Loch dahinter nachsehen.</translation>
    </message>
    <message>
        <source>Lay the supply cable from the battery to %1: bush in every hole, away from heat, edges and what moves; ground as thick, to bare metal. It stays open at the battery.</source>
        <translation>Versorgungskabel von der Batterie legen zu %1: Tülle in jedem Loch, weg von Hitze, Kanten und Bewegtem; Masse ebenso dick, auf blankes Metall. An der Batterie bleibt es offen.</translation>
    </message>
    <message>
        <source>Put %1 in place of %2 at %3; keep the old plug.</source>
        <translation>%1 statt %2 einsetzen (%3); den alten Stecker aufheben.</translation>
    </message>
    <message>
        <source>Plug %1 into the vehicle&apos;s plug at %2; nothing is cut, the lead comes off again.</source>
        <translation>%1 auf den Fahrzeugstecker stecken (%2); nichts wird geschnitten, das Kabel geht wieder ab.</translation>
    </message>
    <message>
        <source>Give the cable at %1 a new hold: a tie on a base or an edge clip, clear of the magnet.</source>
        <translation>Dem Kabel neuen Halt geben (%1): Binder auf Sockel oder Kantenclip, frei vom Magneten.</translation>
    </message>
    <message>
        <source>Connect %1 at %2 by the wiring table, plus to plus; pull gently at each terminal.</source>
        <translation>%1 anschließen (%2) nach der Drahttabelle, Plus an Plus; an jeder Klemme leicht ziehen.</translation>
    </message>
    <message>
        <source>Ohmmeter across the tabs of %1 at %2 before it is connected: %3, leads taken off.</source>
        <translation>Ohmmeter an die Zungen von %1 (%2), bevor er angeschlossen wird: %3, Messleitungen abgezogen.</translation>
    </message>
    <message>
        <source>At %1 too, before it is closed: %2.</source>
        <translation>Auch hier, vor dem Schließen (%1): %2.</translation>
    </message>
    <message>
        <source>Let the adhesive at %1 set for %2, or as its tube says, before anything pulls on it.</source>
        <translation>Den Kleber aushärten lassen (%1): %2, oder wie auf der Tube, bevor etwas daran zieht.</translation>
    </message>
    <message>
        <source>The holder within %1 of cable from the battery, then %2 in it: the last thing that closes the supply.</source>
        <translation>Der Halter innerhalb von %1 Kabel ab der Batterie, dann hinein: %2. Das schließt die Versorgung als Letztes.</translation>
    </message>
    <message>
        <source>Every restraint plug closed again, then the battery, through a small trial fuse where the source has its own feed.</source>
        <translation>Alle Stecker der Rückhaltesysteme wieder zu, dann die Batterie, durch eine kleine Probesicherung, wo die Quelle eine eigene Zuleitung hat.</translation>
    </message>
    <message>
        <source>Every plug closed again, then the battery, through a small trial fuse where the source has its own feed.</source>
        <translation>Alle Stecker wieder zu, dann die Batterie, durch eine kleine Probesicherung, wo die Quelle eine eigene Zuleitung hat.</translation>
    </message>
    <message>
        <source>Before any trim goes back: each speaker alone, quietly; fade and balance; nothing rubs, nothing buzzes.</source>
        <translation>Bevor eine Verkleidung zurückkommt: jeder Lautsprecher allein, leise; Fader und Balance; nichts reibt, nichts schnarrt.</translation>
    </message>
    <message>
        <source>Steering lock to lock, suspension pressed down, tank, seat and every lid opened and shut: no wire pulled or pinched, none near the exhaust. Then a first ride, slowly.</source>
        <translation>Lenkung von Anschlag zu Anschlag, Federung eingedrückt, Tank, Sitz und jeder Deckel auf und zu: keine Leitung gezogen oder geklemmt, keine am Auspuff. Dann eine erste Fahrt, langsam.</translation>
    </message>
    <message>
        <source>Bag the old parts with their screws, write vehicle and place on each: with them the vehicle goes back to what it was.</source>
        <translation>Die alten Teile mit ihren Schrauben eintüten, Fahrzeug und Platz darauf schreiben: mit ihnen wird das Fahrzeug wieder, wie es war.</translation>
    </message>
    <message>
        <source>Write down readings and settings, photograph the result, hand the old parts back.</source>
        <translation>Messungen und Einstellungen aufschreiben, Ergebnis fotografieren, alte Teile zurückgeben.</translation>
    </message>
    <message>
        <source>Open the trim at %1: find every screw and clip first, then lift it off and support it.</source>
        <translation>Verkleidung öffnen (%1): erst jede Schraube und jeden Clip finden, dann abheben und abstützen.</translation>
    </message>
    <message>
        <source>Take off %1: find every screw and clip first, then lift it off and support it.</source>
        <translation>Abnehmen: %1. Erst jede Schraube und jeden Clip finden, dann abheben und abstützen.</translation>
    </message>
    <message>
        <source>Take off %1: %2. Count to zero, then lift it off and support it.</source>
        <translation>Abnehmen: %1 (%2). Bis null zählen, dann abheben und abstützen.</translation>
    </message>
    <message>
        <source>Leave alone: %1.</source>
        <translation>Nicht anrühren: %1.</translation>
    </message>
    <message>
        <source>Undo, and label both ends: %1.</source>
        <translation>Lösen und beide Enden beschriften: %1.</translation>
    </message>
    <message>
        <source>Peel the film behind it back in one piece.</source>
        <translation>Die Folie dahinter in einem Stück abziehen.</translation>
    </message>
    <message>
        <source>Close the trim at %1: no wire behind a clip, clips and screws counted.</source>
        <translation>Verkleidung schließen (%1): keine Ader hinter einem Clip, Clips und Schrauben gezählt.</translation>
    </message>
    <message>
        <source>Seal the film all round, its cable holes too.</source>
        <translation>Die Folie ringsum abdichten, ihre Kabellöcher auch.</translation>
    </message>
    <message>
        <source>Join again, each pulled at gently: %1.</source>
        <translation>Wieder verbinden, an jedem leicht ziehen: %1.</translation>
    </message>
    <message>
        <source>Put %1 back: no wire behind a clip, clips and screws counted.</source>
        <translation>Zurück: %1. Keine Ader hinter einem Clip, Clips und Schrauben gezählt.</translation>
    </message>
    <message>
        <source>Put %1 back: no wire behind a clip; %2, all of them.</source>
        <translation>Zurück: %1. Keine Ader hinter einem Clip; %2, alle davon.</translation>
    </message>
    <message>
        <source>Has to be there again: %1.</source>
        <translation>Muss wieder da sein: %1.</translation>
    </message>
    <message>
        <source>the panel</source>
        <translation>die Verkleidung</translation>
    </message>
    <message>
        <source>Unplug and take out %1 at %2; keep it, its screws and its foam.</source>
        <translation>%1 abstecken und ausbauen (%2); mit Schrauben und Schaum aufheben.</translation>
    </message>
    <message>
        <source>%1 It is held by: %2.</source>
        <translation>%1 Gehalten von: %2.</translation>
    </message>
    <message>
        <source>on the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>on the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>at the top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>at the bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>Seal all round the frame at %1, so that no air goes from the front of the cone to its back.</source>
        <translation>Rahmen ringsum abdichten (%1), damit keine Luft von der Vorderseite der Membran nach hinten geht.</translation>
    </message>
    <message>
        <source>Put foam round the edge at %1, where it touches no moving part and no cone.</source>
        <translation>Schaum um den Rand legen (%1), wo er nichts Bewegtes und keine Membran berührt.</translation>
    </message>
    <message>
        <source>Open the cover at %1, or put a grille there that lets sound through.</source>
        <translation>Abdeckung öffnen (%1) oder ein Gitter einsetzen, das Schall durchlässt.</translation>
    </message>
    <message>
        <source>For good: %1 new holes of %2 at %3. Mark from the driver, look behind, stop collar on the drill, paint the edges.</source>
        <translation>Für immer: %1 neue Löcher von %2 (%3). Nach dem Lautsprecher anzeichnen, dahinter nachsehen, Anschlag am Bohrer, Kanten lackieren.</translation>
    </message>
    <message>
        <source>A hole of %1 with a bush for the cable in the spacer at %2.</source>
        <translation>Ein Loch von %1 mit Tülle für das Kabel in den Distanzring (%2).</translation>
    </message>
    <message>
        <source>For good: cut away what stands in the way behind %1, in small bites, edges smooth. Driver out, magnet covered, every chip out again.</source>
        <translation>Für immer: wegschneiden, was dahinter im Weg ist (%1), in kleinen Stücken, Kanten glatt. Lautsprecher heraus, Magnet abgedeckt, jeder Span wieder heraus.</translation>
    </message>
    <message>
        <source>the spacer</source>
        <translation>der Distanzring</translation>
    </message>
    <message>
        <source>into the vehicle&apos;s holes with its own: %1</source>
        <translation>in die Löcher des Fahrzeugs mit eigenen: %1</translation>
    </message>
    <message>
        <source>the driver&apos;s screws go through it.</source>
        <translation>die Schrauben des Lautsprechers gehen hindurch.</translation>
    </message>
    <message>
        <source>Put %1 on the panel at %2, marked side to you: cable through its notch, %3; %4</source>
        <translation>%1 auf das Blech setzen (%2), markierte Seite nach vorn: Kabel durch seine Kerbe, %3; %4</translation>
    </message>
    <message>
        <source>For good: write + and − on the pair at %1, then cut its plug (%2) off with a hand&apos;s width of wire left on the plug. Crimp the ends for %3 on, one wire after the other, %4. Bag the plug: spliced back on it is the way home.</source>
        <translation>Für immer: + und − an das Paar schreiben (%1), dann den Stecker (%2) abschneiden, eine Handbreit Leitung bleibt am Stecker. Die Enden für %3 aufquetschen, eine Ader nach der anderen, %4. Den Stecker eintüten: wieder angesetzt, ist er der Weg zurück.</translation>
    </message>
    <message>
        <source>each under a sealing sleeve, with a drip loop</source>
        <translation>jede unter einer Dichthülse, mit Tropfschlaufe</translation>
    </message>
    <message>
        <source>each under a sleeve</source>
        <translation>jede unter einer Hülse</translation>
    </message>
    <message>
        <source>Press %1 in at %2 until every clip has snapped; it must not come out by hand.</source>
        <translation>%1 einpressen (%2), bis jeder Clip eingerastet ist; von Hand darf er nicht herauskommen.</translation>
    </message>
    <message>
        <source>Clean both faces at %1 of grease, let them dry, set %2 in its adhesive and hold it there.</source>
        <translation>Beide Flächen entfetten (%1), trocknen lassen, %2 in den Kleber setzen und dort halten.</translation>
    </message>
    <message>
        <source>Gasket on, fit %1 at %2: all by hand first, then evenly.</source>
        <translation>Dichtung darauf, %1 einsetzen (%2): alles erst von Hand, dann gleichmäßig.</translation>
    </message>
    <message>
        <source>The ring goes behind the panel and takes the screws.</source>
        <translation>Der Ring kommt hinter das Blech und nimmt die Schrauben.</translation>
    </message>
    <message>
        <source>It sits in its bracket, not in the trim.</source>
        <translation>Er sitzt in seinem Halter, nicht in der Verkleidung.</translation>
    </message>
    <message>
        <source>Break its tabs off and smooth the stumps.</source>
        <translation>Laschen abbrechen und die Stümpfe glätten.</translation>
    </message>
    <message>
        <source>%1 (turned %2)</source>
        <translation>%1 (gedreht %2)</translation>
    </message>
    <message>
        <source>%1 × %2.</source>
        <translation>%1 × %2.</translation>
    </message>
    <message>
        <source>With %1.</source>
        <translation>Mit %1.</translation>
    </message>
    <message>
        <source>The old ones are %1 too short.</source>
        <translation>Die alten sind %1 zu kurz.</translation>
    </message>
    <message>
        <source>None that is sold is long enough: ask for one.</source>
        <translation>Keine käufliche ist lang genug: nach einer fragen.</translation>
    </message>
    <message>
        <source>%1, %2 to %3</source>
        <translation>%1, %2 bis %3</translation>
    </message>
    <message>
        <source>%1 heard alone, its reading noted (%2)</source>
        <translation>%1 allein gehört, Messwert notiert (%2)</translation>
    </message>
    <message>
        <source>window all the way down and up</source>
        <translation>Scheibe ganz herunter und hoch</translation>
    </message>
    <message>
        <source>lock, handles, switches, lamp</source>
        <translation>Schloss, Griffe, Schalter, Lampe</translation>
    </message>
    <message>
        <source>mirror and its switch</source>
        <translation>Spiegel und sein Schalter</translation>
    </message>
    <message>
        <source>lid shut and opened</source>
        <translation>Deckel zu und auf</translation>
    </message>
    <message>
        <source>steering lock to lock</source>
        <translation>Lenkung von Anschlag zu Anschlag</translation>
    </message>
    <message>
        <source>nothing loose, nothing left inside</source>
        <translation>nichts lose, nichts drin vergessen</translation>
    </message>
    <message>
        <source>Before %1 is closed: %2.</source>
        <translation>Bevor %1 geschlossen wird: %2.</translation>
    </message>
    <message>
        <source>%1 ft (%2 m)</source>
        <translation>%1 ft (%2 m)</translation>
    </message>
    <message>
        <source>%1° to the left</source>
        <translation>%1° nach links</translation>
    </message>
    <message>
        <source>%1° to the right</source>
        <translation>%1° nach rechts</translation>
    </message>
    <message>
        <source>%1&#x202f;×&#x202f;%2</source>
        <translation>%1&#x202f;×&#x202f;%2</translation>
    </message>
    <message>
        <source>sheet-metal screw %1</source>
        <translation>Blechschraube %1</translation>
    </message>
    <message>
        <source>screw for plastic %1</source>
        <translation>Schraube für Kunststoff %1</translation>
    </message>
    <message>
        <source>wood screw %1</source>
        <translation>Holzschraube %1</translation>
    </message>
    <message>
        <source>machine screw M%1</source>
        <translation>Maschinenschraube M%1</translation>
    </message>
    <message>
        <source>blind rivet %1</source>
        <translation>Blindniet %1</translation>
    </message>
    <message>
        <source>screw %1, its kind by what it bites in</source>
        <translation>Schraube %1, Art nach dem, worin sie fasst</translation>
    </message>
    <message>
        <source>plastic pry set</source>
        <translation>Kunststoffhebel</translation>
    </message>
    <message>
        <source>cross-head driver</source>
        <translation>Kreuzschraubendreher</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>crimp tool or iron</source>
        <translation>Quetschzange oder Lötkolben</translation>
    </message>
    <message>
        <source>side cutter</source>
        <translation>Seitenschneider</translation>
    </message>
    <message>
        <source>10 mm spanner</source>
        <translation>10-mm-Schlüssel</translation>
    </message>
    <message>
        <source>cloth tape</source>
        <translation>Gewebeband</translation>
    </message>
    <message>
        <source>drill, stop collar</source>
        <translation>Bohrer, Anschlag</translation>
    </message>
    <message>
        <source>vacuum cleaner</source>
        <translation>Staubsauger</translation>
    </message>
    <message>
        <source>hole saw</source>
        <translation>Lochsäge</translation>
    </message>
    <message>
        <source>jigsaw and file</source>
        <translation>Stichsäge und Feile</translation>
    </message>
    <message>
        <source>star driver</source>
        <translation>Sternschraubendreher</translation>
    </message>
    <message>
        <source>hex key</source>
        <translation>Sechskantschlüssel</translation>
    </message>
    <message>
        <source>socket or spanner</source>
        <translation>Nuss oder Schlüssel</translation>
    </message>
    <message>
        <source>blind-rivet tool</source>
        <translation>Blindnietzange</translation>
    </message>
    <message>
        <source>hook</source>
        <translation>Haken</translation>
    </message>
    <message>
        <source>paint, brush</source>
        <translation>Lack, Pinsel</translation>
    </message>
    <message>
        <source>cleaner, cloth</source>
        <translation>Reiniger, Tuch</translation>
    </message>
    <message>
        <source>roller</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>hot-air gun</source>
        <translation>Heißluft</translation>
    </message>
    <message>
        <source>knife, shears</source>
        <translation>Messer, Schere</translation>
    </message>
    <message>
        <source>Battery: negative off first, on last. The maker&apos;s instructions come before this card.</source>
        <translation>Batterie: Minus zuerst ab, zuletzt an. Die Anleitung des Herstellers geht dieser Karte vor.</translation>
    </message>
    <message>
        <source>High voltage: touch nothing orange, drill nowhere the maker&apos;s data does not clear; only people trained for it isolate the traction battery.</source>
        <translation>Hochvolt: nichts Oranges anfassen, nirgends bohren, wo die Herstellerdaten es nicht freigeben; nur dafür Ausgebildete trennen die Fahrbatterie.</translation>
    </message>
    <message>
        <source>Engine and exhaust cold; nothing is tied to what gets hot or moves.</source>
        <translation>Motor und Auspuff kalt; nichts wird an Heißes oder Bewegtes gebunden.</translation>
    </message>
    <message>
        <source>No jewellery; bridge nothing with a tool; cover the post.</source>
        <translation>Kein Schmuck; nichts mit Werkzeug überbrücken; den Pol abdecken.</translation>
    </message>
    <message>
        <source>Airbags and side sensors may lie behind this trim: never probe or unplug anything yellow; leave their openings as built.</source>
        <translation>Hinter dieser Verkleidung können Airbags und Seitensensoren liegen: nie etwas Gelbes messen oder abstecken; ihre Öffnungen bleiben wie gebaut.</translation>
    </message>
    <message>
        <source>Ignition and battery stay off while any seat, belt, bag or sensor plug is open.</source>
        <translation>Zündung und Batterie bleiben aus, solange ein Stecker von Sitz, Gurt, Airbag oder Sensor offen ist.</translation>
    </message>
    <message>
        <source>Count clips and screws out and in; do not close on a miscount.</source>
        <translation>Clips und Schrauben hinaus und hinein zählen; mit falscher Zahl nicht schließen.</translation>
    </message>
    <message>
        <source>The film keeps water out: no tear, no hole that stays open.</source>
        <translation>Die Folie hält Wasser ab: kein Riss, kein Loch, das offen bleibt.</translation>
    </message>
    <message>
        <source>Hot tool, fumes: ventilate, and keep heat off fuel.</source>
        <translation>Heißes Werkzeug, Dämpfe: lüften und Hitze vom Kraftstoff fernhalten.</translation>
    </message>
    <message>
        <source>Hot tool, fumes: ventilate, and keep heat off restraint parts.</source>
        <translation>Heißes Werkzeug, Dämpfe: lüften und Hitze von Rückhaltesystemen fernhalten.</translation>
    </message>
    <message>
        <source>Hot tool, fumes: ventilate, and keep heat off restraint parts and fuel.</source>
        <translation>Heißes Werkzeug, Dämpfe: lüften und Hitze von Rückhaltesystemen und Kraftstoff fernhalten.</translation>
    </message>
    <message>
        <source>Hand between screwdriver and cone; low clutch.</source>
        <translation>Die Hand zwischen Schrauber und Membran; kleine Kupplung.</translation>
    </message>
    <message>
        <source>Start low: no full-power tone with somebody in the closed car.</source>
        <translation>Leise beginnen: kein Ton mit voller Leistung, solange jemand im geschlossenen Wagen sitzt.</translation>
    </message>
    <message>
        <source>Start low: no full-power tone near anybody&apos;s ears.</source>
        <translation>Leise beginnen: kein Ton mit voller Leistung nahe an einem Ohr.</translation>
    </message>
    <message>
        <source>A small fuse for the first try; the main fuse comes last.</source>
        <translation>Eine kleine Sicherung für den ersten Versuch; die Hauptsicherung kommt zuletzt.</translation>
    </message>
    <message>
        <source>Look behind first: glass, tank, harness, bags. Nothing is cut that cannot be seen.</source>
        <translation>Erst dahinter nachsehen: Scheibe, Tank, Kabelbaum, Airbags. Geschnitten wird nur, was man sieht.</translation>
    </message>
    <message>
        <source>Chips stay out of the magnet&apos;s gap: cover it, work away from it, vacuum.</source>
        <translation>Späne bleiben aus dem Magnetspalt: abdecken, von ihm weg arbeiten, absaugen.</translation>
    </message>
    <message>
        <source>Gloves and eye protection: sheet edges and foil cut.</source>
        <translation>Handschuhe und Augenschutz: Blechkanten und Folie schneiden.</translation>
    </message>
    <message>
        <source>door</source>
        <translation>Tür</translation>
    </message>
    <message>
        <source>dash</source>
        <translation>Armaturenbrett</translation>
    </message>
    <message>
        <source>sail panel at the mirror</source>
        <translation>Spiegeldreieck</translation>
    </message>
    <message>
        <source>pillar</source>
        <translation>Säule</translation>
    </message>
    <message>
        <source>kick panel</source>
        <translation>Fußraum</translation>
    </message>
    <message>
        <source>side panel</source>
        <translation>Seitenwand</translation>
    </message>
    <message>
        <source>rear deck</source>
        <translation>Hutablage</translation>
    </message>
    <message>
        <source>under a seat</source>
        <translation>unter einem Sitz</translation>
    </message>
    <message>
        <source>overhead</source>
        <translation>Dachhimmel</translation>
    </message>
    <message>
        <source>fairing</source>
        <translation>Verkleidung</translation>
    </message>
    <message>
        <source>bag lid</source>
        <translation>Kofferdeckel</translation>
    </message>
    <message>
        <source>load-space side</source>
        <translation>Laderaumseite</translation>
    </message>
    <message>
        <source>roll bar</source>
        <translation>Überrollbügel</translation>
    </message>
    <message>
        <source>box of its own</source>
        <translation>eigenes Gehäuse</translation>
    </message>
    <message>
        <source>out of sight</source>
        <translation>nicht zu sehen</translation>
    </message>
    <message>
        <source>single cab</source>
        <translation>Einzelkabine</translation>
    </message>
    <message>
        <source>extended cab</source>
        <translation>verlängerte Kabine</translation>
    </message>
    <message>
        <source>double cab</source>
        <translation>Doppelkabine</translation>
    </message>
    <message>
        <source>engine only</source>
        <translation>nur Motor</translation>
    </message>
    <message>
        <source>hybrid</source>
        <translation>Hybrid</translation>
    </message>
    <message>
        <source>battery-electric</source>
        <translation>batterieelektrisch</translation>
    </message>
    <message>
        <source>glass, wound down</source>
        <translation>Scheibe, heruntergefahren</translation>
    </message>
    <message>
        <source>the window&apos;s lift</source>
        <translation>der Fensterheber</translation>
    </message>
    <message>
        <source>fuel tank</source>
        <translation>Kraftstofftank</translation>
    </message>
    <message>
        <source>wiring</source>
        <translation>Leitungen</translation>
    </message>
    <message>
        <source>nothing near</source>
        <translation>nichts in der Nähe</translation>
    </message>
    <message>
        <source>open grille or none</source>
        <translation>offenes Gitter oder keine</translation>
    </message>
    <message>
        <source>thin cloth</source>
        <translation>dünner Stoff</translation>
    </message>
    <message>
        <source>thick cloth</source>
        <translation>dicker Stoff</translation>
    </message>
    <message>
        <source>cloth under leather</source>
        <translation>Stoff unter Leder</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>they float</source>
        <translation>sie schweben</translation>
    </message>
    <message>
        <source>minus is ground</source>
        <translation>Minus liegt an Masse</translation>
    </message>
    <message>
        <source>screw</source>
        <translation>Schraube</translation>
    </message>
    <message>
        <source>bolt</source>
        <translation>Bolzen</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Mutter</translation>
    </message>
    <message>
        <source>push pin</source>
        <translation>Spreizniet</translation>
    </message>
    <message>
        <source>rivet</source>
        <translation>Niet</translation>
    </message>
    <message>
        <source>not told apart yet</source>
        <translation>noch nicht unterschieden</translation>
    </message>
    <message>
        <source>the radio drives the speakers itself</source>
        <translation>das Radio treibt die Lautsprecher selbst</translation>
    </message>
    <message>
        <source>a separate amplifier drives them</source>
        <translation>ein eigener Verstärker treibt sie</translation>
    </message>
    <message>
        <source>a separate amplifier, with a bass channel</source>
        <translation>ein eigener Verstärker mit Basskanal</translation>
    </message>
    <message>
        <source>what is fitted</source>
        <translation>was verbaut ist</translation>
    </message>
    <message>
        <source>which channel</source>
        <translation>welcher Kanal</translation>
    </message>
    <message>
        <source>wire colours</source>
        <translation>Aderfarben</translation>
    </message>
    <message>
        <source>ohms</source>
        <translation>Ohm</translation>
    </message>
    <message>
        <source>the way in</source>
        <translation>der Weg hinein</translation>
    </message>
    <message>
        <source>one after the other, %1</source>
        <translation>hintereinander, %1</translation>
    </message>
    <message>
        <source>side by side, %1</source>
        <translation>nebeneinander, %1</translation>
    </message>
    <message>
        <source>one alone, the others open</source>
        <translation>eine allein, die anderen offen</translation>
    </message>
    <message>
        <source>each on its own channel</source>
        <translation>jede am eigenen Kanal</translation>
    </message>
    <message>
        <source>some other way</source>
        <translation>anders</translation>
    </message>
    <message>
        <source>nothing: it gets all</source>
        <translation>nichts: er bekommt alles</translation>
    </message>
    <message>
        <source>a capacitor on the speaker</source>
        <translation>ein Kondensator am Lautsprecher</translation>
    </message>
    <message>
        <source>a capacitor in its plug</source>
        <translation>ein Kondensator in seinem Stecker</translation>
    </message>
    <message>
        <source>a capacitor in the harness</source>
        <translation>ein Kondensator im Kabelbaum</translation>
    </message>
    <message>
        <source>the amplifier&apos;s own filter</source>
        <translation>der Filter des Verstärkers</translation>
    </message>
    <message>
        <source>It belongs to this speaker and leaves with it: the new one needs a high-pass of its own.</source>
        <translation>Er gehört zu diesem Lautsprecher und geht mit ihm: der neue braucht einen eigenen Hochpass.</translation>
    </message>
    <message>
        <source>It stays in the vehicle&apos;s plug: cut the plug off and it is gone.</source>
        <translation>Er bleibt im Fahrzeugstecker: ist der abgeschnitten, ist er weg.</translation>
    </message>
    <message>
        <source>It stays in the harness, whatever speaker stands here.</source>
        <translation>Er bleibt im Kabelbaum, gleich welcher Lautsprecher hier sitzt.</translation>
    </message>
    <message>
        <source>It stays as long as this channel feeds the place.</source>
        <translation>Er bleibt, solange dieser Kanal den Platz speist.</translation>
    </message>
    <message>
        <source>%1 tweeter of a coaxial</source>
        <translation>%1 Hochtöner eines Koax</translation>
    </message>
    <message>
        <source>%1 dome tweeter</source>
        <translation>%1 Kalottenhochtöner</translation>
    </message>
    <message>
        <source>%1 wide-band</source>
        <translation>%1 Breitbänder</translation>
    </message>
    <message>
        <source>%1 midrange</source>
        <translation>%1 Mitteltöner</translation>
    </message>
    <message>
        <source>%1 full-range</source>
        <translation>%1 Vollbereich</translation>
    </message>
    <message>
        <source>%1 coaxial</source>
        <translation>%1 Koax</translation>
    </message>
    <message>
        <source>%1 oval coaxial</source>
        <translation>%1 ovaler Koax</translation>
    </message>
    <message>
        <source>%1 with a whizzer cone</source>
        <translation>%1 mit Hochtonkegel</translation>
    </message>
    <message>
        <source>%1 woofer</source>
        <translation>%1 Tieftöner</translation>
    </message>
    <message>
        <source>%1 oval</source>
        <translation>%1 oval</translation>
    </message>
    <message>
        <source>%1 mid-bass</source>
        <translation>%1 Tiefmitteltöner</translation>
    </message>
    <message>
        <source>%1 subwoofer</source>
        <translation>%1 Subwoofer</translation>
    </message>
    <message>
        <source>Power down by the maker&apos;s procedure; the low-voltage battery first, then wait as the maker says. Only people trained for it isolate the traction battery.</source>
        <translation>Nach dem Verfahren des Herstellers abschalten; erst die Niedervoltbatterie, dann warten wie vorgeschrieben. Nur dafür Ausgebildete trennen die Fahrbatterie.</translation>
    </message>
    <message>
        <source>Ignition off, engine and exhaust cold, negative lead of the battery off first and on last.</source>
        <translation>Zündung aus, Motor und Auspuff kalt, Minus der Batterie zuerst ab und zuletzt an.</translation>
    </message>
    <message>
        <source>Battery switch off, bilge aired before any spark; negative lead off first and on last.</source>
        <translation>Batterieschalter aus, Bilge gelüftet vor jedem Funken; Minus zuerst ab und zuletzt an.</translation>
    </message>
    <message>
        <source>Ignition off, negative lead of the battery off first and on last, then wait as the maker says.</source>
        <translation>Zündung aus, Minus der Batterie zuerst ab und zuletzt an, dann warten, wie der Hersteller sagt.</translation>
    </message>
    <message>
        <source>Touch nothing orange; no drilling into floor or bulkhead unless the maker&apos;s data clears the spot.</source>
        <translation>Nichts Oranges anfassen; nicht in Boden oder Spritzwand bohren, wo die Herstellerdaten es nicht freigeben.</translation>
    </message>
    <message>
        <source>Airbags and belt tighteners: never probe, meter or unplug a yellow plug; nothing in a bag&apos;s way.</source>
        <translation>Airbags und Gurtstraffer: nie einen gelben Stecker messen oder abziehen; nichts im Weg eines Airbags.</translation>
    </message>
    <message>
        <source>Water, mud and sun: sealed plugs, a tether on what can fall. No cabin helps the bass, none is counted.</source>
        <translation>Wasser, Schlamm und Sonne: dichte Stecker, eine Fangleine an allem, was fallen kann. Kein Innenraum hilft dem Bass, keiner wird gerechnet.</translation>
    </message>
    <message>
        <source>Steering lock to lock, suspension and hot parts before any wire is tied; first ride slowly.</source>
        <translation>Lenkung von Anschlag zu Anschlag, Federung und heiße Teile, bevor eine Leitung gebunden wird; erste Fahrt langsam.</translation>
    </message>
    <message>
        <source>A switched or constant feed may not be there at all, and plus may be at the chassis: measure first.</source>
        <translation>Eine geschaltete oder dauernde Zuleitung fehlt vielleicht ganz, und Plus kann am Chassis liegen: erst messen.</translation>
    </message>
    <message>
        <source>Is there a subwoofer level in the radio&apos;s sound menu?</source>
        <translation>Gibt es im Klangmenü des Radios einen Subwooferpegel?</translation>
    </message>
    <message>
        <source>Is there the badge of a sound system on a grille?</source>
        <translation>Trägt ein Gitter den Schriftzug einer Anlage?</translation>
    </message>
    <message>
        <source>Is there an amplifier under a seat, in the boot or behind trim?</source>
        <translation>Sitzt ein Verstärker unter einem Sitz, im Kofferraum oder hinter der Verkleidung?</translation>
    </message>
    <message>
        <source>Does a door speaker read under 2.8 Ω with its plug off?</source>
        <translation>Zeigt ein Türlautsprecher mit abgezogenem Stecker unter 2,8 Ω?</translation>
    </message>
    <message>
        <source>Are there more speakers than doors?</source>
        <translation>Gibt es mehr Lautsprecher als Türen?</translation>
    </message>
    <message>
        <source>Is there a plug with nothing in it where a tweeter could be?</source>
        <translation>Gibt es einen leeren Stecker, wo ein Hochtöner sein könnte?</translation>
    </message>
    <message>
        <source>Held back: few ohms suit only a vehicle with an amplifier made for them. %1</source>
        <translation>Zurückgehalten: wenige Ohm passen nur zu einem Fahrzeug mit einem Verstärker dafür. %1</translation>
    </message>
    <message>
        <source>Then a channel for a subwoofer is there, and an amplifier behind it.</source>
        <translation>Dann gibt es einen Kanal für einen Subwoofer und dahinter einen Verstärker.</translation>
    </message>
    <message>
        <source>Then an amplifier of its own is likely, and speakers of few ohms.</source>
        <translation>Dann ist ein eigener Verstärker wahrscheinlich, und Lautsprecher mit wenigen Ohm.</translation>
    </message>
    <message>
        <source>Its outputs, not the radio&apos;s, are what the speakers hang on.</source>
        <translation>An seinen Ausgängen hängen die Lautsprecher, nicht an denen des Radios.</translation>
    </message>
    <message>
        <source>Few ohms come with an amplifier made for them; a radio is seldom made for less than 4 Ω.</source>
        <translation>Wenige Ohm kommen mit einem Verstärker dafür; ein Radio ist selten für weniger als 4 Ω gebaut.</translation>
    </message>
    <message>
        <source>Count them with the trim on: a speaker found later is a part that was not ordered.</source>
        <translation>Mit Verkleidung zählen: ein später gefundener Lautsprecher ist ein Teil, das nicht bestellt wurde.</translation>
    </message>
    <message>
        <source>The wires for tweeters are there; look which channel feeds them before using them.</source>
        <translation>Die Adern für Hochtöner liegen da; nachsehen, welcher Kanal sie speist, bevor sie benutzt werden.</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>%1 (hidden)</source>
        <translation>%1 (verdeckt)</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>another kind of place</source>
        <translation>eine andere Art Platz</translation>
    </message>
    <message>
        <source>stands %1 off the mirrored spot</source>
        <translation>liegt %1 neben dem gespiegelten Punkt</translation>
    </message>
    <message>
        <source>something else lies behind</source>
        <translation>etwas anderes liegt dahinter</translation>
    </message>
    <message>
        <source>another cover</source>
        <translation>eine andere Abdeckung</translation>
    </message>
    <message>
        <source>%1: %2 here, %3 there</source>
        <translation>%1: %2 hier, %3 dort</translation>
    </message>
    <message>
        <source>%1 here, %2 there</source>
        <translation>%1 hier, %2 dort</translation>
    </message>
    <message>
        <source>Nothing goes quiet.</source>
        <translation>Nichts verstummt.</translation>
    </message>
    <message>
        <source>Quiet then: %1.</source>
        <translation>Dann still: %1.</translation>
    </message>
    <message>
        <source>Channel %1 sees %2 at least instead of %3.</source>
        <translation>Kanal %1 sieht mindestens %2 statt %3.</translation>
    </message>
    <message>
        <source>Channel %1 sees nothing any more.</source>
        <translation>Kanal %1 sieht nichts mehr.</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nirgends</translation>
    </message>
    <message>
        <source>%1: empty, as far as anybody has said</source>
        <translation>%1: leer, soweit einer etwas gesagt hat</translation>
    </message>
    <message>
        <source>channel %1, the other way round</source>
        <translation>Kanal %1, andersherum</translation>
    </message>
    <message>
        <source>channel %1</source>
        <translation>Kanal %1</translation>
    </message>
    <message>
        <source>+ %1, − %2</source>
        <translation>+ %1, − %2</translation>
    </message>
    <message>
        <source>open: %1</source>
        <translation>offen: %1</translation>
    </message>
    <message>
        <source>Complete: every driver has its channel, wires and measures.</source>
        <translation>Vollständig: jeder Lautsprecher hat Kanal, Adern und Maße.</translation>
    </message>
    <message numerus="yes">
        <source>%n entry(s) not complete</source>
        <translation>
            <numerusform>%n Eintrag nicht vollständig</numerusform>
            <numerusform>%n Einträge nicht vollständig</numerusform>
        </translation>
    </message>
    <message>
        <source>nothing hangs on channel %1</source>
        <translation>nichts hängt an Kanal %1</translation>
    </message>
    <message numerus="yes">
        <source>%n wire(s) hanging loose</source>
        <translation>
            <numerusform>%n Ader hängt lose</numerusform>
            <numerusform>%n Adern hängen lose</numerusform>
        </translation>
    </message>
    <message>
        <source>wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>water and dust</source>
        <translation>Wasser und Staub</translation>
    </message>
    <message>
        <source>shaking</source>
        <translation>Rütteln</translation>
    </message>
    <message>
        <source>sun and heat</source>
        <translation>Sonne und Hitze</translation>
    </message>
    <message>
        <source>theft</source>
        <translation>Diebstahl</translation>
    </message>
    <message>
        <source>tamper-proof bolts</source>
        <translation>Sicherheitsschrauben</translation>
    </message>
    <message>
        <source>Against the wind: every cover and lead held so that nothing flutters or lifts at speed.</source>
        <translation>Gegen den Wind: jede Abdeckung und Leitung so befestigt, dass bei Fahrt nichts flattert oder abhebt.</translation>
    </message>
    <message>
        <source>Against water: sealed plugs, a drip loop before each, networks on the dry side, drains left open.</source>
        <translation>Gegen Wasser: dichte Stecker, Tropfschlaufe vor jedem, Weichen auf der trockenen Seite, Abläufe offen.</translation>
    </message>
    <message>
        <source>Against shaking: lock washers under the screws, a tether on what could fall, plugs tied to their driver.</source>
        <translation>Gegen Rütteln: Sicherungsscheiben unter den Schrauben, Fangleine an dem, was fallen könnte, Stecker am Lautsprecher festgebunden.</translation>
    </message>
    <message>
        <source>Against heat: nothing held by adhesive alone in the sun, air round the amplifier, leads clear of hot parts.</source>
        <translation>Gegen Hitze: in der Sonne hält nichts nur durch Kleber, Luft um den Verstärker, Leitungen weg von Heißem.</translation>
    </message>
    <message>
        <source>Against theft: tamper-proof bolts where a hand reaches, numbers written down.</source>
        <translation>Gegen Diebstahl: Sicherheitsschrauben, wo eine Hand hinkommt, Nummern aufgeschrieben.</translation>
    </message>
    <message>
        <source>At the speed it is driven, first slowly: nothing flutters, and speech is still understood.</source>
        <translation>Bei der Geschwindigkeit, die gefahren wird, erst langsam: nichts flattert, Sprache ist noch zu verstehen.</translation>
    </message>
    <message>
        <source>Water over it as rain would come, power off; then look into each place and listen again.</source>
        <translation>Wasser darüber, wie Regen käme, Strom aus; dann in jeden Platz sehen und noch einmal hören.</translation>
    </message>
    <message>
        <source>A rough road; then a wrench on every fixing and a pull on every plug.</source>
        <translation>Eine schlechte Straße; dann ein Schlüssel an jede Befestigung und ein Zug an jedem Stecker.</translation>
    </message>
    <message>
        <source>An hour at level in the sun: nothing too hot to hold, nothing let go, no shut-down.</source>
        <translation>Eine Stunde laut in der Sonne: nichts zu heiß zum Anfassen, nichts gelöst, keine Abschaltung.</translation>
    </message>
    <message>
        <source>At its speed, by estimate, programme at its loudest stands over the noise by: %1.</source>
        <translation>Bei seiner Geschwindigkeit, geschätzt, steht Programm in voller Lautstärke über dem Lärm um: %1.</translation>
    </message>
    <message>
        <source>%1 Under the %2 wanted: %3.</source>
        <translation>%1 Unter den gewünschten %2: %3.</translation>
    </message>
    <message>
        <source>That is more than the driver is rated for: cross higher, or turn down.</source>
        <translation>Das ist mehr, als der Lautsprecher verträgt: höher trennen oder leiser stellen.</translation>
    </message>
    <message>
        <source>Taken as dB at 2.83 V and 1 m on its axis, on a baffle; measured otherwise, shift it before it is taken in.</source>
        <translation>Als dB bei 2,83 V und 1 m auf Achse, auf Schallwand, genommen; anders gemessen, vor dem Übernehmen verschieben.</translation>
    </message>
    <message>
        <source>More than 90 degrees off the axis: the value at 90 degrees is taken.</source>
        <translation>Mehr als 90 Grad neben der Achse: der Wert bei 90 Grad gilt.</translation>
    </message>
    <message>
        <source>The least impedance is under 80 % of the stated one.</source>
        <translation>Die kleinste Impedanz liegt unter 80 % der angegebenen.</translation>
    </message>
    <message>
        <source>That load is below what the amplifier is rated for.</source>
        <translation>Diese Last liegt unter dem, wofür der Verstärker gebaut ist.</translation>
    </message>
    <message>
        <source>The measured response and the model differ by more than 3 dB where they are joined: check the voltage and the distance it was measured with.</source>
        <translation>Gemessener Frequenzgang und Modell weichen an der Nahtstelle um mehr als 3 dB ab: Spannung und Messabstand prüfen.</translation>
    </message>
    <message>
        <source>The flanks do not lie evenly round the peak; read them again.</source>
        <translation>Die Flanken liegen nicht gleichmäßig um die Spitze; noch einmal ablesen.</translation>
    </message>
    <message>
        <source>Guessed from the size of its frame.</source>
        <translation>Nach der Größe seines Korbs geschätzt.</translation>
    </message>
    <message>
        <source>So low a crest factor means clipping.</source>
        <translation>Ein so kleiner Scheitelfaktor bedeutet Clipping.</translation>
    </message>
    <message>
        <source>That is over what the coil bears: it burns before it gets there. Less voltage, or a filter.</source>
        <translation>Das ist mehr, als die Spule verträgt: sie brennt vorher. Weniger Spannung oder ein Filter.</translation>
    </message>
    <message>
        <source>What was typed for %1 differs from what follows from the rest: one of them is wrong.</source>
        <translation>Was für %1 eingegeben wurde, passt nicht zu dem, was aus dem Rest folgt: eins davon ist falsch.</translation>
    </message>
    <message>
        <source>An estimate: only a measurement in the vehicle can settle it.</source>
        <translation>Eine Schätzung: nur eine Messung im Fahrzeug klärt es.</translation>
    </message>
    <message>
        <source>Too few points of the curve lie there to say much: %1.</source>
        <translation>Zu wenige Punkte der Kurve liegen dort, um viel zu sagen: %1.</translation>
    </message>
    <message>
        <source>That is outside what a gain control usually spans, 0.2 to 5 V.</source>
        <translation>Das liegt außerhalb dessen, was ein Gain-Regler gewöhnlich überstreicht, 0,2 bis 5 V.</translation>
    </message>
    <message>
        <source>The network is close to having no single solution: check its values.</source>
        <translation>Das Netzwerk hat fast keine eindeutige Lösung: seine Werte prüfen.</translation>
    </message>
    <message>
        <source>That is more than the input takes: tap a lower level, or turn down.</source>
        <translation>Das ist mehr, als der Eingang verträgt: einen kleineren Pegel abgreifen oder leiser stellen.</translation>
    </message>
    <message>
        <source>A rating between the others is more than 10 % off.</source>
        <translation>Eine Angabe zwischen den anderen liegt mehr als 10 % daneben.</translation>
    </message>
    <message>
        <source>That is nearer than 5 cm: close to a driver level does not follow distance.</source>
        <translation>Das ist näher als 5 cm: nah am Lautsprecher folgt der Pegel nicht dem Abstand.</translation>
    </message>
    <message>
        <source>That is more than the next input takes: lower the gain before it, or turn down.</source>
        <translation>Das ist mehr, als der nächste Eingang verträgt: Verstärkung davor senken oder leiser stellen.</translation>
    </message>
    <message>
        <source>No nominal impedance fits: a short, coils in parallel or in series, or a part in circuit.</source>
        <translation>Keine Nennimpedanz passt: ein Kurzschluss, Spulen parallel oder in Reihe, oder ein Teil im Kreis.</translation>
    </message>
    <message>
        <source>It never crosses that level.</source>
        <translation>Diesen Pegel kreuzt sie nie.</translation>
    </message>
    <message>
        <source>No resistance at all: no loss.</source>
        <translation>Gar kein Widerstand: kein Verlust.</translation>
    </message>
    <message>
        <source>Nothing has no level.</source>
        <translation>Nichts hat keinen Pegel.</translation>
    </message>
    <message>
        <source>No inductance: nothing to take away.</source>
        <translation>Keine Induktivität: nichts wegzunehmen.</translation>
    </message>
    <message>
        <source>With like polarity the two legs cancel.</source>
        <translation>Mit gleicher Polung heben sich die beiden Zweige auf.</translation>
    </message>
    <message>
        <source>With one leg inverted the two cancel.</source>
        <translation>Mit einem gedrehten Zweig heben sich beide auf.</translation>
    </message>
    <message>
        <source>Together they cancel.</source>
        <translation>Zusammen heben sie sich auf.</translation>
    </message>
    <message>
        <source>Source and ear are not on the same side of the surface: there is no mirror image.</source>
        <translation>Quelle und Ohr liegen nicht auf derselben Seite der Fläche: es gibt kein Spiegelbild.</translation>
    </message>
    <message>
        <source>A frequency lies outside the curve: nothing is said of it.</source>
        <translation>Eine Frequenz liegt außerhalb der Kurve: von ihr wird nichts gesagt.</translation>
    </message>
    <message>
        <source>The size is outside the table; this is a heat balance, and rough.</source>
        <translation>Die Größe steht nicht in der Tabelle; das ist eine Wärmebilanz, und grob.</translation>
    </message>
    <message>
        <source>The driver bears less than the amplifier gives, so the tone counts as 0 dB.</source>
        <translation>Der Lautsprecher verträgt weniger, als der Verstärker gibt, also zählt der Ton als 0 dB.</translation>
    </message>
    <message>
        <source>The port is longer than the box inside: fold it, or take a smaller one.</source>
        <translation>Das Rohr ist länger als das Gehäuse innen: falten oder ein kleineres nehmen.</translation>
    </message>
    <message>
        <source>The air in the port goes fast enough to be heard: take a larger port, several, or less power.</source>
        <translation>Die Luft im Rohr geht so schnell, dass man sie hört: größeres Rohr, mehrere, oder weniger Leistung.</translation>
    </message>
    <message>
        <source>Its Qts lies outside 0.2 to 0.65, where vented boxes are usual: try a closed one.</source>
        <translation>Sein Qts liegt außerhalb 0,2 bis 0,65, wo Bassreflex üblich ist: ein geschlossenes versuchen.</translation>
    </message>
    <message>
        <source>The curve does not cover 20 Hz to 20 kHz: the least value may lie outside it.</source>
        <translation>Die Kurve deckt 20 Hz bis 20 kHz nicht ab: der kleinste Wert kann außerhalb liegen.</translation>
    </message>
    <message>
        <source>The power more than doubles towards the lower load; the voltage is taken from the higher one.</source>
        <translation>Zur kleineren Last hin wird die Leistung mehr als doppelt so groß; die Spannung gilt von der größeren.</translation>
    </message>
    <message>
        <source>The two power ratings contradict each other: only the first one counts. Check them against the sheet.</source>
        <translation>Die beiden Leistungsangaben widersprechen sich: nur die erste zählt. Mit dem Datenblatt vergleichen.</translation>
    </message>
    <message>
        <source>The ratings hardly rise towards the lower load: a regulated or current-limited stage.</source>
        <translation>Zur kleineren Last hin steigen die Angaben kaum: eine geregelte oder strombegrenzte Endstufe.</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>It crosses that level more than once.</source>
        <translation>Diesen Pegel kreuzt sie mehr als einmal.</translation>
    </message>
    <message>
        <source>Coils of one cone do not share evenly that way: wire them alike.</source>
        <translation>So teilen sich die Spulen einer Membran nicht gleich: gleich verdrahten.</translation>
    </message>
    <message>
        <source>Unlike coils in series share the voltage by their impedance, which changes with frequency.</source>
        <translation>Ungleiche Spulen in Reihe teilen die Spannung nach ihrer Impedanz, und die ändert sich mit der Frequenz.</translation>
    </message>
    <message>
        <source>What was given for %1 has no part in this answer.</source>
        <translation>Was für %1 angegeben wurde, spielt in dieser Antwort keine Rolle.</translation>
    </message>
    <message>
        <source>DC resistance</source>
        <translation>Gleichstromwiderstand</translation>
    </message>
    <message>
        <source>inductance</source>
        <translation>Induktivität</translation>
    </message>
    <message>
        <source>cone area</source>
        <translation>Membranfläche</translation>
    </message>
    <message>
        <source>travel Xmax</source>
        <translation>Hub Xmax</translation>
    </message>
    <message>
        <source>rated for</source>
        <translation>Belastbarkeit</translation>
    </message>
    <message>
        <source>sensitivity</source>
        <translation>Empfindlichkeit</translation>
    </message>
    <message>
        <source>polarity with all turns counted</source>
        <translation>Polung, alle Drehungen gezählt</translation>
    </message>
    <message>
        <source>seen across it</source>
        <translation>daran gesehen</translation>
    </message>
    <message>
        <source>own capacitor</source>
        <translation>eigener Kondensator</translation>
    </message>
    <message>
        <source>resistance in series</source>
        <translation>Widerstand in Reihe</translation>
    </message>
    <message>
        <source>rated power</source>
        <translation>Nennleistung</translation>
    </message>
    <message>
        <source>into</source>
        <translation>an</translation>
    </message>
    <message>
        <source>least load</source>
        <translation>kleinste Last</translation>
    </message>
    <message>
        <source>least, bridged</source>
        <translation>kleinste, gebrückt</translation>
    </message>
    <message>
        <source>output resistance</source>
        <translation>Ausgangswiderstand</translation>
    </message>
    <message>
        <source>nothing below</source>
        <translation>nichts unter</translation>
    </message>
    <message>
        <source>order of the high-pass</source>
        <translation>Ordnung des Hochpasses</translation>
    </message>
    <message>
        <source>nothing above</source>
        <translation>nichts über</translation>
    </message>
    <message>
        <source>order of the low-pass</source>
        <translation>Ordnung des Tiefpasses</translation>
    </message>
    <message>
        <source>delays up to</source>
        <translation>Verzögerung bis</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>hole across</source>
        <translation>Loch breit</translation>
    </message>
    <message>
        <source>oval: hole the short way</source>
        <translation>oval: Loch schmal</translation>
    </message>
    <message>
        <source>screw holes</source>
        <translation>Schraublöcher</translation>
    </message>
    <message>
        <source>or rectangle, wide</source>
        <translation>oder Rechteck, breit</translation>
    </message>
    <message>
        <source>and high</source>
        <translation>und hoch</translation>
    </message>
    <message>
        <source>body behind the flange</source>
        <translation>Korb hinter dem Flansch</translation>
    </message>
    <message>
        <source>oval: body the short way</source>
        <translation>oval: Korb schmal</translation>
    </message>
    <message>
        <source>flange across</source>
        <translation>Flansch breit</translation>
    </message>
    <message>
        <source>oval: flange the short way</source>
        <translation>oval: Flansch schmal</translation>
    </message>
    <message>
        <source>flange thick</source>
        <translation>Flansch dick</translation>
    </message>
    <message>
        <source>surround high</source>
        <translation>Sicke hoch</translation>
    </message>
    <message>
        <source>magnet across</source>
        <translation>Magnet breit</translation>
    </message>
    <message>
        <source>strikes at</source>
        <translation>schlägt an bei</translation>
    </message>
    <message>
        <source>dome</source>
        <translation>Kalotte</translation>
    </message>
    <message>
        <source>first hole at, degrees</source>
        <translation>erstes Loch bei, Grad</translation>
    </message>
    <message>
        <source>each hole</source>
        <translation>jedes Loch</translation>
    </message>
    <message>
        <source>slots, half long</source>
        <translation>Langlöcher, halb lang</translation>
    </message>
    <message>
        <source>outer holes</source>
        <translation>äußere Löcher</translation>
    </message>
    <message>
        <source>circle through the outer holes</source>
        <translation>Kreis durch die äußeren Löcher</translation>
    </message>
    <message>
        <source>outer holes side by side</source>
        <translation>äußere Löcher nebeneinander</translation>
    </message>
    <message>
        <source>outer holes one over the other</source>
        <translation>äußere Löcher übereinander</translation>
    </message>
    <message>
        <source>first outer hole at, degrees</source>
        <translation>erstes äußeres Loch bei, Grad</translation>
    </message>
    <message>
        <source>holes in tabs that break off</source>
        <translation>Löcher in Laschen, die abbrechen</translation>
    </message>
    <message>
        <source>circle through the tabs</source>
        <translation>Kreis durch die Laschen</translation>
    </message>
    <message>
        <source>tabs broken off</source>
        <translation>abgebrochene Laschen</translation>
    </message>
    <message>
        <source>bears</source>
        <translation>trägt</translation>
    </message>
    <message>
        <source>terminals at, degrees</source>
        <translation>Anschlüsse bei, Grad</translation>
    </message>
    <message>
        <source>badge up at, degrees</source>
        <translation>Schriftzug oben bei, Grad</translation>
    </message>
    <message>
        <source>screws long</source>
        <translation>Schrauben lang</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>notch for the cable</source>
        <translation>Kerbe fürs Kabel</translation>
    </message>
    <message>
        <source>mass per area</source>
        <translation>Masse je Fläche</translation>
    </message>
    <message>
        <source>area of a sheet</source>
        <translation>Fläche einer Platte</translation>
    </message>
    <message>
        <source>area</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Lagen</translation>
    </message>
    <message>
        <source>metal behind it</source>
        <translation>Metall dahinter</translation>
    </message>
    <message>
        <source>metal thick</source>
        <translation>Metall dick</translation>
    </message>
    <message>
        <source>of it kept clear</source>
        <translation>davon freizuhalten</translation>
    </message>
    <message>
        <source>draws</source>
        <translation>zieht</translation>
    </message>
    <message>
        <source>cable carries</source>
        <translation>Kabel trägt</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>each gives up to</source>
        <translation>jeder gibt bis zu</translation>
    </message>
    <message>
        <source>constant feed</source>
        <translation>Dauerplus</translation>
    </message>
    <message>
        <source>switched feed</source>
        <translation>geschaltetes Plus</translation>
    </message>
    <message>
        <source>turn-on lead</source>
        <translation>Einschaltleitung</translation>
    </message>
    <message>
        <source>ground there</source>
        <translation>Masse dort</translation>
    </message>
    <message>
        <source>depth, window closed</source>
        <translation>Tiefe, Scheibe zu</translation>
    </message>
    <message>
        <source>room behind the screws</source>
        <translation>Platz hinter den Schrauben</translation>
    </message>
    <message>
        <source>sheet thick</source>
        <translation>Blech dick</translation>
    </message>
    <message>
        <source>parts between</source>
        <translation>Teile dazwischen</translation>
    </message>
    <message>
        <source>stands up round the hole</source>
        <translation>steht um das Loch hoch</translation>
    </message>
    <message>
        <source>depth it takes</source>
        <translation>Tiefe, die es nimmt</translation>
    </message>
    <message>
        <source>cable comes from, degrees</source>
        <translation>Kabel kommt von, Grad</translation>
    </message>
    <message>
        <source>closest at, degrees</source>
        <translation>am nächsten bei, Grad</translation>
    </message>
    <message>
        <source>way of the cable</source>
        <translation>Weg des Kabels</translation>
    </message>
    <message>
        <source>loop near the glass</source>
        <translation>Schlaufe nah an der Scheibe</translation>
    </message>
    <message>
        <source>air behind it</source>
        <translation>Luft dahinter</translation>
    </message>
    <message>
        <source>port tuned to</source>
        <translation>Rohr abgestimmt auf</translation>
    </message>
    <message>
        <source>Q of the box&apos;s leaks</source>
        <translation>Q der Undichtheit</translation>
    </message>
    <message>
        <source>Q of the port</source>
        <translation>Q des Rohrs</translation>
    </message>
    <message>
        <source>Q of the box&apos;s losses</source>
        <translation>Q der Gehäuseverluste</translation>
    </message>
    <message>
        <source>volume gained by filling</source>
        <translation>Volumengewinn durch Füllung</translation>
    </message>
    <message>
        <source>port across</source>
        <translation>Rohr weit</translation>
    </message>
    <message>
        <source>ports</source>
        <translation>Rohre</translation>
    </message>
    <message>
        <source>leaks outdoors</source>
        <translation>undicht nach außen</translation>
    </message>
    <message>
        <source>way from front to back</source>
        <translation>Weg von vorn nach hinten</translation>
    </message>
    <message>
        <source>share that leaks round</source>
        <translation>Anteil, der herumläuft</translation>
    </message>
    <message>
        <source>pod, wide</source>
        <translation>Gehäuse breit</translation>
    </message>
    <message>
        <source>plate thick</source>
        <translation>Platte dick</translation>
    </message>
    <message>
        <source>its holes</source>
        <translation>seine Löcher</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>axle to axle</source>
        <translation>Achse zu Achse</translation>
    </message>
    <message>
        <source>cabin, long</source>
        <translation>Innenraum, lang</translation>
    </message>
    <message>
        <source>cabin, wide</source>
        <translation>Innenraum, breit</translation>
    </message>
    <message>
        <source>cabin, high</source>
        <translation>Innenraum, hoch</translation>
    </message>
    <message>
        <source>front of the cabin</source>
        <translation>Vorderkante des Innenraums</translation>
    </message>
    <message>
        <source>floor above the ground</source>
        <translation>Boden über der Straße</translation>
    </message>
    <message>
        <source>cabin leaks below</source>
        <translation>Innenraum undicht unter</translation>
    </message>
    <message>
        <source>least impedance</source>
        <translation>kleinste Impedanz</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>shift of the corner</source>
        <translation>Verschiebung der Grenzfrequenz</translation>
    </message>
    <message>
        <source>power with programme</source>
        <translation>Leistung mit Programm</translation>
    </message>
    <message>
        <source>power of a sine</source>
        <translation>Leistung eines Sinus</translation>
    </message>
    <message>
        <source>coils</source>
        <translation>Spulen</translation>
    </message>
    <message>
        <source>air in the port</source>
        <translation>Luft im Rohr</translation>
    </message>
    <message>
        <source>ratio</source>
        <translation>Verhältnis</translation>
    </message>
    <message>
        <source>behind the magnet</source>
        <translation>hinter dem Magneten</translation>
    </message>
    <message>
        <source>behind it, window closed</source>
        <translation>dahinter, Scheibe zu</translation>
    </message>
    <message>
        <source>before the cone at full travel</source>
        <translation>vor der Membran bei vollem Hub</translation>
    </message>
    <message>
        <source>behind the screws</source>
        <translation>hinter den Schrauben</translation>
    </message>
    <message>
        <source>holes that meet</source>
        <translation>Löcher, die passen</translation>
    </message>
    <message>
        <source>smallest hole</source>
        <translation>kleinstes Loch</translation>
    </message>
    <message>
        <source>largest hole</source>
        <translation>größtes Loch</translation>
    </message>
    <message>
        <source>lost in the cover</source>
        <translation>verloren in der Abdeckung</translation>
    </message>
    <message>
        <source>slack</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>on each screw</source>
        <translation>auf jede Schraube</translation>
    </message>
    <message>
        <source>counts still open</source>
        <translation>noch offene Zahlen</translation>
    </message>
    <message>
        <source>rated under the source</source>
        <translation>weniger belastbar als die Quelle</translation>
    </message>
    <message>
        <source>levels apart</source>
        <translation>Pegel auseinander</translation>
    </message>
    <message>
        <source>change of its band</source>
        <translation>Änderung seines Bands</translation>
    </message>
    <message>
        <source>top of the band</source>
        <translation>oberes Ende des Bands</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>Schnitte</translation>
    </message>
    <message>
        <source>the DC resistance</source>
        <translation>der Gleichstromwiderstand</translation>
    </message>
    <message>
        <source>the coil&apos;s inductance</source>
        <translation>die Induktivität der Spule</translation>
    </message>
    <message>
        <source>the resonance</source>
        <translation>die Resonanz</translation>
    </message>
    <message>
        <source>the Q of the resonance</source>
        <translation>das Q der Resonanz</translation>
    </message>
    <message>
        <source>the air as stiff as its suspension</source>
        <translation>die Luft, so steif wie seine Aufhängung</translation>
    </message>
    <message>
        <source>the cone&apos;s area</source>
        <translation>die Membranfläche</translation>
    </message>
    <message>
        <source>the travel of the coil</source>
        <translation>der Hub der Spule</translation>
    </message>
    <message>
        <source>what the coil is rated for</source>
        <translation>was die Spule verträgt</translation>
    </message>
    <message>
        <source>the sensitivity</source>
        <translation>die Empfindlichkeit</translation>
    </message>
    <message>
        <source>the rated power</source>
        <translation>die Nennleistung</translation>
    </message>
    <message>
        <source>the capacitance</source>
        <translation>die Kapazität</translation>
    </message>
    <message>
        <source>the inductance</source>
        <translation>die Induktivität</translation>
    </message>
    <message>
        <source>the resistance</source>
        <translation>der Widerstand</translation>
    </message>
    <message>
        <source>the box&apos;s volume</source>
        <translation>das Volumen des Gehäuses</translation>
    </message>
    <message>
        <source>the share that goes round the panel</source>
        <translation>der Anteil, der um das Blech läuft</translation>
    </message>
    <message>
        <source>Put an ohmmeter on %1</source>
        <translation>Ohmmeter anlegen: %1</translation>
    </message>
    <message>
        <source>Take an impedance sweep of %1</source>
        <translation>Impedanz durchstimmen: %1</translation>
    </message>
    <message>
        <source>Measure across the cone of %1, to the middle of its surround</source>
        <translation>Über die Membran messen, bis zur Mitte der Sicke: %1</translation>
    </message>
    <message>
        <source>Find the sheet or the label of %1</source>
        <translation>Datenblatt oder Aufkleber suchen: %1</translation>
    </message>
    <message>
        <source>Read or measure the part %1</source>
        <translation>Teil ablesen oder messen: %1</translation>
    </message>
    <message>
        <source>Measure the box: %1</source>
        <translation>Gehäuse messen: %1</translation>
    </message>
    <message>
        <source>Look behind the panel: %1. Sealing it settles more than measuring</source>
        <translation>Hinter die Verkleidung sehen: %1. Abdichten klärt mehr als messen</translation>
    </message>
    <message>
        <source>front door</source>
        <translation>vordere Tür</translation>
    </message>
    <message>
        <source>rear door</source>
        <translation>hintere Tür</translation>
    </message>
    <message>
        <source>sail</source>
        <translation>Spiegeldreieck</translation>
    </message>
    <message>
        <source>dash top</source>
        <translation>Armaturenbrett oben</translation>
    </message>
    <message>
        <source>rear side</source>
        <translation>Seitenwand hinten</translation>
    </message>
    <message>
        <source>under seat</source>
        <translation>unter dem Sitz</translation>
    </message>
    <message>
        <source>under the bench</source>
        <translation>unter der Bank</translation>
    </message>
    <message>
        <source>behind the seat</source>
        <translation>hinter dem Sitz</translation>
    </message>
    <message>
        <source>behind the rear seat</source>
        <translation>hinter dem Rücksitz</translation>
    </message>
    <message>
        <source>own box</source>
        <translation>eigenes Gehäuse</translation>
    </message>
    <message>
        <source>overhead front</source>
        <translation>Dachhimmel vorn</translation>
    </message>
    <message>
        <source>overhead rear</source>
        <translation>Dachhimmel hinten</translation>
    </message>
    <message>
        <source>leg shield</source>
        <translation>Beinschild</translation>
    </message>
    <message>
        <source>tail box</source>
        <translation>Topcase</translation>
    </message>
    <message>
        <source>bow</source>
        <translation>Bug</translation>
    </message>
    <message>
        <source>cockpit side</source>
        <translation>Cockpitseite</translation>
    </message>
    <message>
        <source>helm</source>
        <translation>Steuerstand</translation>
    </message>
    <message>
        <source>stern side</source>
        <translation>Heckseite</translation>
    </message>
    <message>
        <source>tower</source>
        <translation>Turm</translation>
    </message>
    <message>
        <source>speaker</source>
        <translation>Lautsprecher</translation>
    </message>
    <message>
        <source>tweeter</source>
        <translation>Hochtöner</translation>
    </message>
    <message>
        <source>subwoofer</source>
        <translation>Subwoofer</translation>
    </message>
    <message>
        <source>adapter ring</source>
        <translation>Adapterring</translation>
    </message>
    <message>
        <source>adapter lead with capacitor</source>
        <translation>Adapterkabel mit Kondensator</translation>
    </message>
    <message>
        <source>left ear</source>
        <translation>linkes Ohr</translation>
    </message>
    <message>
        <source>right ear</source>
        <translation>rechtes Ohr</translation>
    </message>
    <message>
        <source>%1 driver</source>
        <translation>Lautsprecher, %1</translation>
    </message>
    <message>
        <source>left %1</source>
        <translation>%1, links</translation>
    </message>
    <message>
        <source>right %1</source>
        <translation>%1, rechts</translation>
    </message>
    <message>
        <source>plays from %1, too near its resonance</source>
        <translation>spielt ab %1, zu nah an seiner Resonanz</translation>
    </message>
    <message>
        <source>high-pass off, %1</source>
        <translation>Hochpass aus, %1</translation>
    </message>
    <message>
        <source>The tweeter is asked to play too low</source>
        <translation>Der Hochtöner soll zu tief spielen</translation>
    </message>
    <message>
        <source>From %1, it resonates at %2; wanted %3.</source>
        <translation>Ab %1, er resoniert bei %2; gewünscht %3.</translation>
    </message>
    <message>
        <source>Near its resonance a dome moves most and its filter holds least: it distorts, then tears. Cross higher or more steeply.</source>
        <translation>Nahe ihrer Resonanz bewegt sich eine Kalotte am meisten und ihr Filter hält am wenigsten: sie verzerrt, dann reißt sie. Höher oder steiler trennen.</translation>
    </message>
    <message>
        <source>The woofer plays on where it beams</source>
        <translation>Der Tieftöner spielt weiter, wo er bündelt</translation>
    </message>
    <message>
        <source>Handed over at %1; from %2 it is 6 dB down at 45°.</source>
        <translation>Übergabe bei %1; ab %2 ist er unter 45° 6 dB leiser.</translation>
    </message>
    <message>
        <source>Off its axis the voice is dull between the two. Cross lower, or a smaller cone.</source>
        <translation>Neben der Achse ist die Stimme dazwischen dumpf. Tiefer trennen oder eine kleinere Membran.</translation>
    </message>
    <message>
        <source>A hole where the two take over</source>
        <translation>Ein Loch bei der Übergabe</translation>
    </message>
    <message>
        <source>%1 deep at %2, noted from %3; handed over at %4.</source>
        <translation>%1 tief bei %2, gemeldet ab %3; Übergabe bei %4.</translation>
    </message>
    <message>
        <source>Woofer and tweeter push against each other at this seat. Turn the tweeter over, or move it.</source>
        <translation>Tief- und Hochtöner arbeiten an diesem Sitz gegeneinander. Den Hochtöner umpolen oder versetzen.</translation>
    </message>
    <message>
        <source>Two filters take the same lows</source>
        <translation>Zwei Filter nehmen dieselben Tiefen</translation>
    </message>
    <message>
        <source>The channel from %1, the part before the speaker from %2: %3 apart.</source>
        <translation>Der Kanal ab %1, das Teil vor dem Lautsprecher ab %2: %3 auseinander.</translation>
    </message>
    <message>
        <source>Each was meant to be the only one: together they cut more steeply and turn the phase. Leave one.</source>
        <translation>Jeder sollte der einzige sein: zusammen trennen sie steiler und drehen die Phase. Einen lassen.</translation>
    </message>
    <message>
        <source>The capacitor gets more than it bears</source>
        <translation>Der Kondensator bekommt mehr, als er verträgt</translation>
    </message>
    <message>
        <source>The capacitor has little to spare</source>
        <translation>Der Kondensator hat wenig Reserve</translation>
    </message>
    <message>
        <source>Up to %1 at %2, it bears %3.</source>
        <translation>Bis %1 bei %2, er verträgt %3.</translation>
    </message>
    <message>
        <source>It wants one of %1, it bears %2.</source>
        <translation>Gebraucht wird einer für %1, er verträgt %2.</translation>
    </message>
    <message>
        <source>With the source at its limit. A capacitor that breaks down is a short: the tweeter gets it all.</source>
        <translation>Mit der Quelle an ihrer Grenze. Ein durchgeschlagener Kondensator ist ein Kurzschluss: der Hochtöner bekommt alles.</translation>
    </message>
    <message>
        <source>A network on a line that lacks its lows</source>
        <translation>Eine Weiche an einer Leitung, der die Tiefen fehlen</translation>
    </message>
    <message>
        <source>Its channel begins at %1; a network wants all from %2 on.</source>
        <translation>Ihr Kanal beginnt bei %1; eine Weiche will alles ab %2.</translation>
    </message>
    <message>
        <source>What the channel has taken no network gives back. Feed it from a full-range pair.</source>
        <translation>Was der Kanal genommen hat, gibt keine Weiche zurück. Aus einem Paar mit vollem Band speisen.</translation>
    </message>
    <message>
        <source>hand-over</source>
        <translation>Übergabe</translation>
    </message>
    <message>
        <source>hole at the hand-over</source>
        <translation>Loch bei der Übergabe</translation>
    </message>
    <message>
        <source>filters apart</source>
        <translation>Filter auseinander</translation>
    </message>
    <message>
        <source>volts at the part</source>
        <translation>Spannung am Teil</translation>
    </message>
    <message>
        <source>no new parts</source>
        <translation>keine neuen Teile</translation>
    </message>
    <message>
        <source>most even</source>
        <translation>am ebensten</translation>
    </message>
    <message>
        <source>woofer coil %1</source>
        <translation>Spule am Tieftöner %1</translation>
    </message>
    <message>
        <source>woofer capacitor %1</source>
        <translation>Kondensator am Tieftöner %1</translation>
    </message>
    <message>
        <source>tweeter capacitor %1</source>
        <translation>Kondensator am Hochtöner %1</translation>
    </message>
    <message>
        <source>tweeter coil %1</source>
        <translation>Spule am Hochtöner %1</translation>
    </message>
    <message>
        <source>tweeter resistor %1</source>
        <translation>Widerstand am Hochtöner %1</translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>tweeter turned over</source>
        <translation>Hochtöner umgepolt</translation>
    </message>
    <message>
        <source>%1 over from %2: %3 tried, %4 refused for the tweeter or the load</source>
        <translation>%1 übernimmt von %2: %3 versucht, %4 wegen Hochtöner oder Last verworfen</translation>
    </message>
    <message>
        <source>hand-over %1</source>
        <translation>Übergabe %1</translation>
    </message>
    <message>
        <source>no hand-over</source>
        <translation>keine Übergabe</translation>
    </message>
    <message>
        <source>  %1: %2, uneven by %3, load %4 at least: %5</source>
        <translation>  %1: %2, uneben um %3, Last mindestens %4: %5</translation>
    </message>
    <message>
        <source>find a crossover</source>
        <translation>eine Weiche suchen</translation>
    </message>
    <message>
        <source>coil %1</source>
        <translation>Spule %1</translation>
    </message>
    <message>
        <source>capacitor %1</source>
        <translation>Kondensator %1</translation>
    </message>
    <message>
        <source>resistor %1</source>
        <translation>Widerstand %1</translation>
    </message>
    <message>
        <source>network to be made</source>
        <translation>Weiche zum Selbstbauen</translation>
    </message>
    <message>
        <source>Made at the bench: non-polar capacitors, coils apart and at right angles, joints insulated.</source>
        <translation>Am Werktisch gefertigt: bipolare Kondensatoren, Spulen mit Abstand und im rechten Winkel, Verbindungen isoliert.</translation>
    </message>
    <message>
        <source>hole %1, with the tweeter turned over %2</source>
        <translation>Loch %1, mit umgepoltem Hochtöner %2</translation>
    </message>
    <message>
        <source>  now: hand-over %1, %2</source>
        <translation>  jetzt: Übergabe %1, %2</translation>
    </message>
    <message>
        <source>  now: no clear split; %1</source>
        <translation>  jetzt: keine klare Trennung; %1</translation>
    </message>
    <message>
        <source>one for %1</source>
        <translation>einer für %1</translation>
    </message>
    <message>
        <source>behind its capacitor</source>
        <translation>hinter seinem Kondensator</translation>
    </message>
    <message>
        <source>change a part&apos;s value</source>
        <translation>Wert eines Teils ändern</translation>
    </message>
    <message>
        <source>take a part out</source>
        <translation>Teil herausnehmen</translation>
    </message>
    <message>
        <source>set the channel</source>
        <translation>Kanal einstellen</translation>
    </message>
    <message>
        <source>turned over</source>
        <translation>umgepolt</translation>
    </message>
    <message>
        <source>woofer %1</source>
        <translation>Tieftöner %1</translation>
    </message>
    <message>
        <source>tweeter %1</source>
        <translation>Hochtöner %1</translation>
    </message>
    <message>
        <source>Butterworth, %1 dB/octave</source>
        <translation>Butterworth, %1 dB/Oktave</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>Channel</source>
        <translation>Kanal</translation>
    </message>
    <message>
        <source>Plays</source>
        <translation>Spielt</translation>
    </message>
    <message>
        <source>High-pass</source>
        <translation>Hochpass</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>Low-pass</source>
        <translation>Tiefpass</translation>
    </message>
    <message>
        <source>Level, dB</source>
        <translation>Pegel, dB</translation>
    </message>
    <message>
        <source>Delay, ms</source>
        <translation>Verzögerung, ms</translation>
    </message>
    <message>
        <source>Delay, cm</source>
        <translation>Verzögerung, cm</translation>
    </message>
    <message>
        <source>Delay, samples at 48 kHz</source>
        <translation>Verzögerung, Abtastwerte bei 48 kHz</translation>
    </message>
    <message>
        <source>Polarity</source>
        <translation>Polung</translation>
    </message>
    <message>
        <source>as marked</source>
        <translation>wie bezeichnet</translation>
    </message>
    <message>
        <source>Level and polarity</source>
        <translation>Pegel und Polung</translation>
    </message>
    <message>
        <source>Delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>%1 ms, %2 cm, %3 samples at 48 kHz</source>
        <translation>%1 ms, %2 cm, %3 Abtastwerte bei 48 kHz</translation>
    </message>
    <message>
        <source>tweeter in %1</source>
        <translation>Hochtöner in %1</translation>
    </message>
    <message>
        <source>drowned by the others</source>
        <translation>geht in den anderen unter</translation>
    </message>
    <message>
        <source>%1 of its travel</source>
        <translation>%1 seines Hubs</translation>
    </message>
    <message>
        <source>Gap from %1 to %2: nobody plays it as loud as the rest.</source>
        <translation>Lücke von %1 bis %2: Niemand spielt dort so laut wie der Rest.</translation>
    </message>
    <message>
        <source>%1: the channel begins at %2, the part before it at %3. Both cut the same notes.</source>
        <translation>%1: Der Kanal beginnt bei %2, das Teil davor bei %3. Beide nehmen dieselben Töne weg.</translation>
    </message>
    <message>
        <source>%1 is relieved: %2 of its travel, before %3.</source>
        <translation>%1 ist entlastet: %2 des Hubs, vorher %3.</translation>
    </message>
    <message>
        <source>%1 is not relieved by the subwoofer: %2 of its travel, before %3. A high-pass takes its lows, or an equaliser.</source>
        <translation>%1 wird vom Subwoofer nicht entlastet: %2 des Hubs, vorher %3. Ein Hochpass nimmt die Tiefen weg, oder ein Equalizer.</translation>
    </message>
    <message>
        <source>%1 and %2 are equally loud from %3 to %4: no clear split.</source>
        <translation>%1 und %2 sind von %3 bis %4 gleich laut: keine klare Trennung.</translation>
    </message>
    <message>
        <source>All together: %1</source>
        <translation>Alle zusammen: %1</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>parts across the speaker</source>
        <translation>Teile parallel zum Lautsprecher</translation>
    </message>
    <message>
        <source>capacitor in the lead</source>
        <translation>Kondensator in der Leitung</translation>
    </message>
    <message>
        <source>capacitor in the harness</source>
        <translation>Kondensator im Kabelbaum</translation>
    </message>
    <message>
        <source>resistor in the lead</source>
        <translation>Widerstand in der Leitung</translation>
    </message>
    <message>
        <source>put parts across a speaker</source>
        <translation>Teile parallel zu einem Lautsprecher legen</translation>
    </message>
    <message>
        <source>Linkwitz-Riley, %1 dB/octave</source>
        <translation>Linkwitz-Riley, %1 dB/Oktave</translation>
    </message>
    <message>
        <source>Bessel, %1 dB/octave</source>
        <translation>Bessel, %1 dB/Oktave</translation>
    </message>
    <message>
        <source>low shelf</source>
        <translation>Kuhschwanz tief</translation>
    </message>
    <message>
        <source>high shelf</source>
        <translation>Kuhschwanz hoch</translation>
    </message>
    <message>
        <source>all-pass, first order</source>
        <translation>Allpass erster Ordnung</translation>
    </message>
    <message>
        <source>all-pass, second order</source>
        <translation>Allpass zweiter Ordnung</translation>
    </message>
    <message>
        <source>%1 %2, Q %3</source>
        <translation>%1 %2, Q %3</translation>
    </message>
    <message>
        <source>%1 %2, %3, Q %4</source>
        <translation>%1 %2, %3, Q %4</translation>
    </message>
    <message>
        <source>Equaliser</source>
        <translation>Equalizer</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>linear</translation>
    </message>
    <message>
        <source>%1 too little at %2, over %3; noted from %4.</source>
        <translation>%1 zu wenig bei %2, über %3; vermerkt ab %4.</translation>
    </message>
    <message>
        <source>%1 too much at %2, over %3; noted from %4.</source>
        <translation>%1 zu viel bei %2, über %3; vermerkt ab %4.</translation>
    </message>
    <message>
        <source>A gap between the two</source>
        <translation>Eine Lücke zwischen den beiden</translation>
    </message>
    <message>
        <source>The two play the same band</source>
        <translation>Die beiden spielen denselben Bereich</translation>
    </message>
    <message>
        <source>One ends before the other begins. Bring their filters together.</source>
        <translation>Der eine endet, bevor der andere beginnt. Ihre Filter zusammenrücken.</translation>
    </message>
    <message>
        <source>Both are loud in it. Part their filters, or take level from one.</source>
        <translation>Beide sind dort laut. Ihre Filter auseinanderrücken oder einen leiser machen.</translation>
    </message>
    <message>
        <source>Put %1 across the terminals of %2, one after the other from plus to minus, insulated, held firm and clear of lining: a resistor gets hot.</source>
        <translation>%1 über die Anschlüsse von %2 legen, eins nach dem anderen von Plus nach Minus, isoliert, befestigt und frei von Dämmung: Ein Widerstand wird heiß.</translation>
    </message>
    <message>
        <source>off its line about the hand-over</source>
        <translation>Abstand zur Linie um die Übergabe</translation>
    </message>
    <message>
        <source>width off its line about the hand-over</source>
        <translation>Breite des Abstands zur Linie um die Übergabe</translation>
    </message>
    <message>
        <source>bell</source>
        <translation>Glocke</translation>
    </message>
    <message>
        <source>one corner for both</source>
        <translation>eine Grenze für beide</translation>
    </message>
    <message>
        <source>lower one to %1, %2</source>
        <translation>der tiefere bis %1, %2</translation>
    </message>
    <message>
        <source>higher one from %1, %2</source>
        <translation>der höhere ab %1, %2</translation>
    </message>
    <message>
        <source>the higher one %1 against the lower</source>
        <translation>der höhere %1 gegenüber dem tieferen</translation>
    </message>
    <message>
        <source>the higher one turned over</source>
        <translation>der höhere verpolt</translation>
    </message>
    <message>
        <source>measured impedance of a driver</source>
        <translation>gemessene Impedanz eines Lautsprechers</translation>
    </message>
    <message>
        <source>Whose impedance?</source>
        <translation>Wessen Impedanz?</translation>
    </message>
    <message>
        <source>filter to be made</source>
        <translation>Filter zum Selbstbauen</translation>
    </message>
    <message>
        <source>source side</source>
        <translation>Seite der Quelle</translation>
    </message>
    <message>
        <source>speaker side</source>
        <translation>Seite des Lautsprechers</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>Eingang %1</translation>
    </message>
    <message>
        <source>speaker %1</source>
        <translation>Lautsprecher %1</translation>
    </message>
    <message>
        <source>mid %1</source>
        <translation>Mitteltöner %1</translation>
    </message>
    <message>
        <source>point %1</source>
        <translation>Punkt %1</translation>
    </message>
    <message>
        <source>non-polar, %1</source>
        <translation>bipolar, %1</translation>
    </message>
    <message>
        <source>%1, its wire up to %2</source>
        <translation>%1, sein Draht bis %2</translation>
    </message>
    <message>
        <source>%1 direct</source>
        <translation>%1 Gleichspannung</translation>
    </message>
    <message>
        <source>%1 of saturation</source>
        <translation>%1 Sättigung</translation>
    </message>
    <message>
        <source>For</source>
        <translation>Für</translation>
    </message>
    <message>
        <source>Made</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>Between</source>
        <translation>Zwischen</translation>
    </message>
    <message>
        <source>Buy at least</source>
        <translation>Mindestens kaufen</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>built in</source>
        <translation>eingebaut</translation>
    </message>
    <message>
        <source>woofer resistor %1</source>
        <translation>Widerstand am Tieftöner %1</translation>
    </message>
    <message>
        <source>%1, turned over</source>
        <translation>%1, umgepolt</translation>
    </message>
    <message>
        <source>Nothing stands against it that is not there now.</source>
        <translation>Nichts spricht dagegen, was nicht schon jetzt da ist.</translation>
    </message>
    <message>
        <source>Against it: %1.</source>
        <translation>Dagegen spricht: %1.</translation>
    </message>
    <message>
        <source>Fix %1 on the dry side at %2, tied down; its pairs by the wiring table.</source>
        <translation>%1 auf der trockenen Seite bei %2 befestigen, festgebunden; die Paare nach der Verdrahtungstabelle.</translation>
    </message>
    <message>
        <source>Taken as measured out of its door or box, in free air; in one, measure it outside first.</source>
        <translation>Gilt als außerhalb von Tür oder Gehäuse gemessen, frei in der Luft; sonst zuerst ausgebaut messen.</translation>
    </message>
    <message>
        <source>Uneven by %1; the most even one found by %2.</source>
        <translation>Uneben um %1; die ausgeglichenste gefundene um %2.</translation>
    </message>
    <message>
        <source>Uneven by %1.</source>
        <translation>Uneben um %1.</translation>
    </message>
    <message>
        <source>It reaches from %1 to %2.</source>
        <translation>Sie reicht von %1 bis %2.</translation>
    </message>
    <message>
        <source>feed it from a full-range channel</source>
        <translation>aus einem Kanal mit vollem Bereich speisen</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n Bauteil</numerusform>
            <numerusform>%n Bauteile</numerusform>
        </translation>
    </message>
    <message>
        <source>mid capacitor %1</source>
        <translation>Mitteltöner Kondensator %1</translation>
    </message>
    <message>
        <source>mid coil %1</source>
        <translation>Mitteltöner Spule %1</translation>
    </message>
    <message>
        <source>mid resistor %1</source>
        <translation>Mitteltöner Widerstand %1</translation>
    </message>
    <message>
        <source>mid turned over</source>
        <translation>Mitteltöner umgedreht</translation>
    </message>
    <message>
        <source>Weighed by how uneven the sum is. One part more has to save %1, %2 more %3; each octave past where the larger one beams costs %4.</source>
        <translation>Gewogen nach der Unebenheit der Summe. Ein Bauteil mehr muss %1 sparen, %2 mehr %3; jede Oktave über der Bündelung des größeren kostet %4.</translation>
    </message>
    <message>
        <source>hand-overs %1 and %2</source>
        <translation>Übergänge %1 und %2</translation>
    </message>
    <message>
        <source>changes %1, too</source>
        <translation>ändert auch %1</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Schild</translation>
    </message>
    <message>
        <source>This end</source>
        <translation>Dieses Ende</translation>
    </message>
    <message>
        <source>The other end</source>
        <translation>Das andere Ende</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>set what the sum is to come near</source>
        <translation>festlegen, woran die Summe herankommen soll</translation>
    </message>
    <message>
        <source>say where the network sits</source>
        <translation>sagen, wo die Weiche sitzt</translation>
    </message>
    <message>
        <source>wet at times</source>
        <translation>zeitweise nass</translation>
    </message>
    <message>
        <source>hot in the sun</source>
        <translation>in der Sonne heiß</translation>
    </message>
    <message>
        <source>in reach of feet</source>
        <translation>in Reichweite der Füße</translation>
    </message>
    <message>
        <source>behind trim</source>
        <translation>hinter Verkleidung</translation>
    </message>
    <message>
        <source>%1: closed, the driver&apos;s feet work there</source>
        <translation>%1: gesperrt, dort arbeiten die Füße des Fahrers</translation>
    </message>
    <message>
        <source>%1 of leads</source>
        <translation>%1 Leitung</translation>
    </message>
    <message>
        <source>Fix %1 here: %2; clear of pedals, steering and seat rails, tied down; its pairs by the wiring table.</source>
        <translation>%1 hier befestigen: %2; frei von Pedalen, Lenkung und Sitzschienen, festgebunden; die Adernpaare nach der Verdrahtungstabelle.</translation>
    </message>
    <message>
        <source>wire it the right way round</source>
        <translation>richtig herum verdrahten</translation>
    </message>
    <message>
        <source>The network is wired backwards</source>
        <translation>Die Weiche ist verkehrt herum verdrahtet</translation>
    </message>
    <message>
        <source>What comes from the source arrives at its screws for a speaker.</source>
        <translation>Was von der Quelle kommt, kommt an ihren Schrauben für einen Lautsprecher an.</translation>
    </message>
    <message>
        <source>So nothing parts the two: a tweeter gets the bass and the source sees both at once. The source goes to the input, each speaker to its own pair.</source>
        <translation>So trennt nichts die beiden: ein Hochtöner bekommt den Bass, und die Quelle sieht beide zugleich. Die Quelle gehört an den Eingang, jeder Lautsprecher an sein eigenes Paar.</translation>
    </message>
    <message>
        <source>the same filter for %1</source>
        <translation>dasselbe Filter für %1</translation>
    </message>
    <message>
        <source>beside its speaker</source>
        <translation>neben ihrem Lautsprecher</translation>
    </message>
    <message>
        <source>A capacitor before a small speaker</source>
        <translation>Ein Kondensator vor einem kleinen Lautsprecher</translation>
    </message>
    <message>
        <source>keep one high-pass</source>
        <translation>einen Hochpass behalten</translation>
    </message>
    <message>
        <source>until its travel is reckoned something holds the lows back; a thump is tested, not assumed</source>
        <translation>bis der Hub berechnet ist, hält etwas die Tiefen zurück; ein Einschaltknall wird geprüft, nicht vermutet</translation>
    </message>
    <message>
        <source>keep what is there</source>
        <translation>behalten, was da ist</translation>
    </message>
    <message>
        <source>nothing new can go wrong</source>
        <translation>nichts Neues kann schiefgehen</translation>
    </message>
    <message>
        <source>a larger capacitor</source>
        <translation>ein größerer Kondensator</translation>
    </message>
    <message>
        <source>more low voice, and still some protection</source>
        <translation>mehr tiefe Stimme und noch etwas Schutz</translation>
    </message>
    <message>
        <source>a whole crossover</source>
        <translation>eine ganze Weiche</translation>
    </message>
    <message>
        <source>each speaker gets what it plays well, and no more</source>
        <translation>jeder Lautsprecher bekommt, was er gut spielt, und nicht mehr</translation>
    </message>
    <message>
        <source>leave it off</source>
        <translation>weglassen</translation>
    </message>
    <message>
        <source>all the bass there is, no fear of a thump at switch-on; nothing protects the cone</source>
        <translation>aller Bass, den es gibt, keine Angst vor einem Knall beim Einschalten; nichts schützt die Membran</translation>
    </message>
    <message>
        <source>The amplifier that came with the vehicle</source>
        <translation>Der Verstärker, der mit dem Fahrzeug kam</translation>
    </message>
    <message>
        <source>decide job by job</source>
        <translation>von Auftrag zu Auftrag entscheiden</translation>
    </message>
    <message>
        <source>each is a way of the plan; past it only once band, turn-on and chimes are answered</source>
        <translation>jedes ist ein Weg des Plans; daran vorbei erst, wenn Band, Einschalten und Warntöne geklärt sind</translation>
    </message>
    <message>
        <source>keep it</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>simple, and the chimes stay</source>
        <translation>einfach, und die Warntöne bleiben</translation>
    </message>
    <message>
        <source>go past it</source>
        <translation>daran vorbei</translation>
    </message>
    <message>
        <source>the whole band, without its filters</source>
        <translation>das ganze Band, ohne seine Filter</translation>
    </message>
    <message>
        <source>add to it</source>
        <translation>ergänzen</translation>
    </message>
    <message>
        <source>its features stay, new power does the rest</source>
        <translation>was er kann, bleibt, neue Leistung macht den Rest</translation>
    </message>
    <message>
        <source>radio power only</source>
        <translation>nur die Leistung des Radios</translation>
    </message>
    <message>
        <source>fewest boxes; the radio’s watts are all there is</source>
        <translation>am wenigsten Geräte; mehr als die Watt des Radios gibt es nicht</translation>
    </message>
    <message>
        <source>Where a signal is taken</source>
        <translation>Wo ein Signal abgenommen wird</translation>
    </message>
    <message>
        <source>the earliest whole point</source>
        <translation>die früheste volle Stelle</translation>
    </message>
    <message>
        <source>the first whose sweep shows the whole band, at a level that the adaptor bears</source>
        <translation>die erste, deren Sweep das ganze Band zeigt, mit einem Pegel, den der Adapter verträgt</translation>
    </message>
    <message>
        <source>at the speaker</source>
        <translation>am Lautsprecher</translation>
    </message>
    <message>
        <source>no diagram needed; filters and delays on the way come along</source>
        <translation>kein Schaltplan nötig; Filter und Verzögerungen auf dem Weg kommen mit</translation>
    </message>
    <message>
        <source>at the amplifier’s plug</source>
        <translation>am Stecker des Verstärkers</translation>
    </message>
    <message>
        <source>the whole band, once the plug is known pin by pin</source>
        <translation>das ganze Band, sobald der Stecker Pin für Pin bekannt ist</translation>
    </message>
    <message>
        <source>What comes first, in several visits</source>
        <translation>Was zuerst kommt, bei mehreren Terminen</translation>
    </message>
    <message>
        <source>nothing overloaded between</source>
        <translation>dazwischen nichts überlastet</translation>
    </message>
    <message>
        <source>no visit ends with a part that gets too much, or that nothing protects</source>
        <translation>kein Termin endet mit einem Teil, das zu viel bekommt oder das nichts schützt</translation>
    </message>
    <message>
        <source>speakers</source>
        <translation>Lautsprecher</translation>
    </message>
    <message>
        <source>heard the same day</source>
        <translation>am selben Tag zu hören</translation>
    </message>
    <message>
        <source>it drives whatever comes after</source>
        <translation>er treibt alles, was danach kommt</translation>
    </message>
    <message>
        <source>it hangs on none of the speakers</source>
        <translation>er hängt an keinem der Lautsprecher</translation>
    </message>
    <message>
        <source>House rule, not the usual one: %1 (%2).</source>
        <translation>Hausregel, nicht die übliche: %1 (%2).</translation>
    </message>
    <message>
        <source>House rule: %1 (%2).</source>
        <translation>Hausregel: %1 (%2).</translation>
    </message>
    <message>
        <source>choose house rules</source>
        <translation>Hausregeln wählen</translation>
    </message>
    <message>
        <source>move a part along its lead</source>
        <translation>ein Bauteil in seiner Leitung verschieben</translation>
    </message>
    <message>
        <source>The network sits at the pedals</source>
        <translation>Die Weiche sitzt bei den Pedalen</translation>
    </message>
    <message>
        <source>In the kick panel on the driver’s side.</source>
        <translation>Im Fußraum auf der Fahrerseite.</translation>
    </message>
    <message>
        <source>What works loose there, or hangs by its leads, gets under a pedal. It goes to the dry side, off the driver’s feet, and every lead is tied.</source>
        <translation>Was sich dort löst oder an den Leitungen hängt, gerät unter ein Pedal. Sie gehört auf die trockene Seite, weg von den Füßen des Fahrers, und jede Leitung wird festgebunden.</translation>
    </message>
    <message>
        <source>The network is made for other ohms</source>
        <translation>Die Weiche ist für andere Ohm gemacht</translation>
    </message>
    <message>
        <source>Made for %1, the speaker is sold as %2: %3 at %4.</source>
        <translation>Gemacht für %1, der Lautsprecher gilt als %2: %3 bei %4.</translation>
    </message>
    <message>
        <source>A filter of coils and capacitors knows only the load it was reckoned for: into more ohms it humps and hands over elsewhere, into fewer it sags.</source>
        <translation>Ein Filter aus Spulen und Kondensatoren kennt nur die Last, für die es berechnet ist: an mehr Ohm bildet es einen Buckel und übergibt anderswo, an weniger hängt es durch.</translation>
    </message>
    <message>
        <source>least |Z| of all that hangs on the channel, solved from 20 Hz to 20 kHz</source>
        <translation>kleinstes |Z| von allem, was am Kanal hängt, gelöst von 20 Hz bis 20 kHz</translation>
    </message>
    <message>
        <source>coils and resistors as they are joined, at direct current</source>
        <translation>Spulen und Widerstände, wie sie verbunden sind, bei Gleichstrom</translation>
    </message>
    <message>
        <source>log₂ (f now ÷ f before), f = 1 ÷ (2π R C)</source>
        <translation>log₂ (f jetzt ÷ f vorher), f = 1 ÷ (2π R C)</translation>
    </message>
    <message>
        <source>U² Re ÷ |Z|² at the worst frequency, the source at its limit</source>
        <translation>U² Re ÷ |Z|² bei der schlimmsten Frequenz, die Quelle an ihrer Grenze</translation>
    </message>
    <message>
        <source>U² Re ÷ |Z|² over programme whose peaks touch the source’s limit</source>
        <translation>U² Re ÷ |Z|² über Programm, dessen Spitzen die Grenze der Quelle berühren</translation>
    </message>
    <message>
        <source>3 × the rms travel with programme at the source’s limit, passed 0.3 % of the time</source>
        <translation>3 × der effektive Hub mit Programm an der Grenze der Quelle, 0,3 % der Zeit überschritten</translation>
    </message>
    <message>
        <source>the largest peak travel of a sine, the source at its limit</source>
        <translation>der größte Spitzenhub eines Sinus, die Quelle an ihrer Grenze</translation>
    </message>
    <message>
        <source>mean levels of both in the band each plays, at equal volts</source>
        <translation>mittlere Pegel beider in ihrem Band, bei gleichen Volt</translation>
    </message>
    <message>
        <source>mean level at the ears, as planned less turned over</source>
        <translation>mittlerer Pegel an den Ohren, wie geplant weniger umgedreht</translation>
    </message>
    <message>
        <source>as found</source>
        <translation>wie gefunden</translation>
    </message>
    <message>
        <source>held against %1</source>
        <translation>gehalten gegen %1</translation>
    </message>
    <message>
        <source>common practice, no source</source>
        <translation>üblich, ohne Quelle</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1 ms</source>
        <translation>%1 ms</translation>
    </message>
    <message>
        <source>Tweeter and woofer are too far apart</source>
        <translation>Hochtöner und Tieftöner sind zu weit auseinander</translation>
    </message>
    <message>
        <source>Ways %1 apart; half a wave is %2 at the hand-over, %3.</source>
        <translation>Wege um %1 verschieden; eine halbe Welle ist %2 beim Übergang, %3.</translation>
    </message>
    <message>
        <source>What the two play together arrives after more than half a wave: no polarity is right for it. Delay the nearer one, or bring them together.</source>
        <translation>Was beide zusammen spielen, kommt mehr als eine halbe Welle auseinander an: keine Polung ist dafür richtig. Den näheren verzögern oder beide zusammenrücken.</translation>
    </message>
    <message>
        <source>It looks past the ears</source>
        <translation>Er schaut an den Ohren vorbei</translation>
    </message>
    <message>
        <source>%1 lost at 8 kHz, %2 off its axis; noted from %3.</source>
        <translation>%1 verloren bei 8 kHz, %2 neben der Achse; vermerkt ab %3.</translation>
    </message>
    <message>
        <source>The smaller the wave, the narrower its beam. Turn it: that costs nothing before the hole is cut.</source>
        <translation>Je kleiner die Welle, desto schmaler ihr Strahl. Drehen: das kostet nichts, solange das Loch nicht geschnitten ist.</translation>
    </message>
    <message>
        <source>A reflection takes a notch</source>
        <translation>Eine Spiegelung nimmt eine Kerbe heraus</translation>
    </message>
    <message>
        <source>%1 at %2; noted from %3.</source>
        <translation>%1 bei %2; vermerkt ab %3.</translation>
    </message>
    <message>
        <source>The straight sound and its mirror image in glass or trim arrive half a wave apart. What sounds airy is a comb. Turn it away from the surface, or move it.</source>
        <translation>Der gerade Schall und sein Spiegelbild in Glas oder Verkleidung kommen eine halbe Welle auseinander an. Was luftig klingt, ist ein Kamm. Von der Fläche wegdrehen oder versetzen.</translation>
    </message>
    <message>
        <source>Something stands in its way</source>
        <translation>Etwas steht ihm im Weg</translation>
    </message>
    <message>
        <source>%1 lost at %2; noted from %3.</source>
        <translation>%1 verloren bei %2; vermerkt ab %3.</translation>
    </message>
    <message>
        <source>A leg, the wheel, a seat or the edge of the dash throws a shadow for short waves. Higher up it is seen freely.</source>
        <translation>Ein Bein, das Lenkrad, ein Sitz oder die Kante des Armaturenbretts wirft für kurze Wellen einen Schatten. Weiter oben ist er frei zu sehen.</translation>
    </message>
    <message>
        <source>The right one comes late</source>
        <translation>Der rechte kommt spät</translation>
    </message>
    <message>
        <source>The left one comes late</source>
        <translation>Der linke kommt spät</translation>
    </message>
    <message>
        <source>%1, %2 quieter; %3 wanted.</source>
        <translation>%1, %2 leiser; gewünscht %3.</translation>
    </message>
    <message>
        <source>All is heard from the nearer side, and what both play combs. Delay and turn down the nearer one where something can; else turn both to the far ear.</source>
        <translation>Alles wird von der näheren Seite gehört, und was beide spielen, kämmt. Den näheren verzögern und leiser stellen, wo etwas das kann; sonst beide zum fernen Ohr drehen.</translation>
    </message>
    <message>
        <source>In the path of an airbag or a belt</source>
        <translation>Im Weg eines Airbags oder Gurts</translation>
    </message>
    <message>
        <source>Closed until the vehicle maker’s data clears it.</source>
        <translation>Gesperrt, bis die Unterlagen des Fahrzeugherstellers es freigeben.</translation>
    </message>
    <message>
        <source>What is mounted there becomes a missile, or keeps the bag from unfolding. No distance is safe to guess: read the maker’s data and record it, or take another spot.</source>
        <translation>Was dort sitzt, wird zum Geschoss oder hindert den Airbag am Entfalten. Kein Abstand lässt sich raten: die Unterlagen des Herstellers lesen und das vermerken, oder eine andere Stelle nehmen.</translation>
    </message>
    <message>
        <source>No room behind the cup</source>
        <translation>Kein Raum hinter dem Becher</translation>
    </message>
    <message>
        <source>%1 needed, %2 there.</source>
        <translation>%1 nötig, %2 da.</translation>
    </message>
    <message>
        <source>A cup that turns its driver reaches further back. Let it in flush, put it in a pod, or take another spot.</source>
        <translation>Ein Becher, der seinen Lautsprecher dreht, reicht weiter nach hinten. Bündig einlassen, auf ein Gehäuse setzen oder eine andere Stelle nehmen.</translation>
    </message>
    <message>
        <source>The two sides are not alike</source>
        <translation>Die beiden Seiten sind nicht gleich</translation>
    </message>
    <message>
        <source>%1 from the mirrored spot; noted from %2.</source>
        <translation>%1 von der gespiegelten Stelle; vermerkt ab %2.</translation>
    </message>
    <message>
        <source>%1 from the mirrored way; noted from %2.</source>
        <translation>%1 aus der gespiegelten Richtung; vermerkt ab %2.</translation>
    </message>
    <message>
        <source>One side sounds different and looks it. Mark both from the same edges.</source>
        <translation>Eine Seite klingt anders und sieht so aus. Beide von denselben Kanten anreißen.</translation>
    </message>
    <message>
        <source>The image is pulled to the left</source>
        <translation>Das Klangbild ist nach links gezogen</translation>
    </message>
    <message>
        <source>The image is pulled to the right</source>
        <translation>Das Klangbild ist nach rechts gezogen</translation>
    </message>
    <message>
        <source>%1 of the way, by estimate; noted from %2.</source>
        <translation>%1 des Wegs, geschätzt; vermerkt ab %2.</translation>
    </message>
    <message>
        <source>Whatever plays on both sides is heard beside the nearer one. Only a delay, or a seat in the middle, brings it back.</source>
        <translation>Was auf beiden Seiten spielt, wird beim näheren gehört. Nur eine Verzögerung oder ein Sitz in der Mitte holt es zurück.</translation>
    </message>
    <message>
        <source>%1 notch, %2</source>
        <translation>Kerbe bei %1, %2</translation>
    </message>
    <message>
        <source>off the %1, %2 longer</source>
        <translation>Spiegel: %1, %2 länger</translation>
    </message>
    <message>
        <source>%1 in the way: %2 at %3</source>
        <translation>im Weg: %1, %2 bei %3</translation>
    </message>
    <message>
        <source>%1 ms later</source>
        <translation>%1 ms später</translation>
    </message>
    <message>
        <source>%1 ms earlier</source>
        <translation>%1 ms früher</translation>
    </message>
    <message>
        <source>the right one %1 ms later, %2 against the left one</source>
        <translation>der rechte %1 ms später, %2 gegen den linken</translation>
    </message>
    <message>
        <source>the left one %1 ms later, %2 against the right one</source>
        <translation>der linke %1 ms später, %2 gegen den rechten</translation>
    </message>
    <message>
        <source>%1; %2° wide</source>
        <translation>%1; %2° breit</translation>
    </message>
    <message>
        <source>%1; the image %2 to the left, by estimate</source>
        <translation>%1; das Klangbild %2 nach links, geschätzt</translation>
    </message>
    <message>
        <source>%1; the image %2 to the right, by estimate</source>
        <translation>%1; das Klangbild %2 nach rechts, geschätzt</translation>
    </message>
    <message>
        <source>%1° in</source>
        <translation>%1° innen</translation>
    </message>
    <message>
        <source>%1° out</source>
        <translation>%1° außen</translation>
    </message>
    <message>
        <source>%1° up</source>
        <translation>%1° hoch</translation>
    </message>
    <message>
        <source>%1° down</source>
        <translation>%1° tief</translation>
    </message>
    <message>
        <source>door, high, between the heads</source>
        <translation>Tür, oben, zwischen die Köpfe</translation>
    </message>
    <message>
        <source>door, low, straight across</source>
        <translation>Tür, unten, quer hinüber</translation>
    </message>
    <message>
        <source>%1, between the heads</source>
        <translation>%1, zwischen die Köpfe</translation>
    </message>
    <message>
        <source>%1, to the near ear</source>
        <translation>%1, zum nahen Ohr</translation>
    </message>
    <message>
        <source>%1, to the far ear</source>
        <translation>%1, zum fernen Ohr</translation>
    </message>
    <message>
        <source>%1, up at the glass</source>
        <translation>%1, hinauf zur Scheibe</translation>
    </message>
    <message>
        <source>%1, straight out</source>
        <translation>%1, gerade heraus</translation>
    </message>
    <message>
        <source>%1 off axis, %2 uneven</source>
        <translation>%1 neben der Achse, %2 uneben</translation>
    </message>
    <message>
        <source>%1 off axis, %2 uneven, image %3 aside, %4 in shadow</source>
        <translation>%1 neben der Achse, %2 uneben, Klangbild %3 daneben, %4 im Schatten</translation>
    </message>
    <message>
        <source>pillars</source>
        <translation>Säulen</translation>
    </message>
    <message>
        <source>dash before the passenger</source>
        <translation>Armaturenbrett vor dem Beifahrer</translation>
    </message>
    <message>
        <source>edges of the roof</source>
        <translation>Dachkanten</translation>
    </message>
    <message>
        <source>before the dials or the road</source>
        <translation>vor den Instrumenten oder der Straße</translation>
    </message>
    <message>
        <source>closed until its data clears it</source>
        <translation>gesperrt, bis Unterlagen es freigeben</translation>
    </message>
    <message>
        <source>let in flush</source>
        <translation>bündig eingelassen</translation>
    </message>
    <message>
        <source>in a turned cup</source>
        <translation>in einem gedrehten Becher</translation>
    </message>
    <message>
        <source>in a pod upon it</source>
        <translation>auf einem Gehäuse</translation>
    </message>
    <message>
        <source>factory plate reworked</source>
        <translation>Werksblende umgearbeitet</translation>
    </message>
    <message>
        <source>metal behind</source>
        <translation>Blech dahinter</translation>
    </message>
    <message>
        <source>cloth</source>
        <translation>Stoff</translation>
    </message>
    <message>
        <source>Of %1 points: %2 for what is lost off the axis, %3 for evenness, %4 for the image in the middle, %5 for width, %6 for eye level, %7 for nothing in the way. By estimate.</source>
        <translation>Von %1 Punkten: %2 für den Verlust neben der Achse, %3 für Ebenheit, %4 für das Klangbild in der Mitte, %5 für Breite, %6 für Augenhöhe, %7 für freien Weg. Geschätzt.</translation>
    </message>
    <message>
        <source>turn both</source>
        <translation>beide drehen</translation>
    </message>
    <message>
        <source>find a better spot</source>
        <translation>eine bessere Stelle suchen</translation>
    </message>
    <message>
        <source>delay and level</source>
        <translation>Verzögerung und Pegel</translation>
    </message>
    <message>
        <source>mirror this side</source>
        <translation>diese Seite spiegeln</translation>
    </message>
    <message>
        <source>back to where it was</source>
        <translation>zurück, wo er war</translation>
    </message>
    <message>
        <source>let it in flush</source>
        <translation>bündig einlassen</translation>
    </message>
    <message>
        <source>windscreen</source>
        <translation>Windschutzscheibe</translation>
    </message>
    <message>
        <source>windows</source>
        <translation>Seitenfenster</translation>
    </message>
    <message>
        <source>roof</source>
        <translation>Dach</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>Bein</translation>
    </message>
    <message>
        <source>steering wheel</source>
        <translation>Lenkrad</translation>
    </message>
    <message>
        <source>seat back</source>
        <translation>Lehne</translation>
    </message>
    <message>
        <source>rider&apos;s back</source>
        <translation>Rücken des Fahrers</translation>
    </message>
    <message>
        <source>aim each side by itself</source>
        <translation>jede Seite für sich ausrichten</translation>
    </message>
    <message>
        <source>mirror one side</source>
        <translation>eine Seite spiegeln</translation>
    </message>
    <message>
        <source>change how a speaker is let in</source>
        <translation>ändern, wie ein Lautsprecher eingelassen ist</translation>
    </message>
    <message>
        <source>record a restraint’s zone</source>
        <translation>eine Rückhaltezone vermerken</translation>
    </message>
    <message>
        <source>change a surface</source>
        <translation>eine Fläche ändern</translation>
    </message>
    <message>
        <source>ways apart</source>
        <translation>Wege verschieden um</translation>
    </message>
    <message>
        <source>lost off the axis</source>
        <translation>Verlust neben der Achse</translation>
    </message>
    <message>
        <source>off the axis</source>
        <translation>neben der Achse</translation>
    </message>
    <message>
        <source>notch</source>
        <translation>Kerbe</translation>
    </message>
    <message>
        <source>notch at</source>
        <translation>Kerbe bei</translation>
    </message>
    <message>
        <source>lost behind an edge</source>
        <translation>Verlust hinter einer Kante</translation>
    </message>
    <message>
        <source>sides apart</source>
        <translation>Seiten auseinander</translation>
    </message>
    <message>
        <source>sides apart in level</source>
        <translation>Seiten im Pegel auseinander</translation>
    </message>
    <message>
        <source>room behind it needed</source>
        <translation>Raum dahinter nötig</translation>
    </message>
    <message>
        <source>out of the mirrored spot</source>
        <translation>neben der gespiegelten Stelle</translation>
    </message>
    <message>
        <source>turned out of the mirrored way</source>
        <translation>aus der gespiegelten Richtung gedreht</translation>
    </message>
    <message>
        <source>image pulled aside</source>
        <translation>Klangbild zur Seite gezogen</translation>
    </message>
    <message>
        <source>down from the top edge</source>
        <translation>herab von der Oberkante</translation>
    </message>
    <message>
        <source>back from the front edge</source>
        <translation>zurück von der Vorderkante</translation>
    </message>
    <message>
        <source>in from the outer edge</source>
        <translation>herein von der Außenkante</translation>
    </message>
    <message>
        <source>Speaker</source>
        <translation>Lautsprecher</translation>
    </message>
    <message>
        <source>Middle of the hole</source>
        <translation>Mitte des Lochs</translation>
    </message>
    <message>
        <source>It looks</source>
        <translation>Er schaut</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>on no surface: a bracket or a pod</source>
        <translation>auf keiner Fläche: ein Halter oder ein Gehäuse</translation>
    </message>
    <message>
        <source>%1 %2, %3 %4</source>
        <translation>%1 %2, %3 %4</translation>
    </message>
    <message>
        <source>for the cable alone</source>
        <translation>nur für das Kabel</translation>
    </message>
    <message>
        <source>%1 by saw</source>
        <translation>%1 mit der Säge</translation>
    </message>
    <message>
        <source>%1 by template</source>
        <translation>%1 nach Schablone</translation>
    </message>
    <message>
        <source>%1 (usual sizes: measure first)</source>
        <translation>%1 (übliche Maße: zuerst messen)</translation>
    </message>
    <message>
        <source>%1, %2; %3</source>
        <translation>%1, %2; %3</translation>
    </message>
    <message>
        <source>It looks %1, %2; where it goes stands in the table, tighten it once it is aimed.</source>
        <translation>Er schaut %1, %2; wohin er kommt, steht in der Tabelle, festziehen, sobald er ausgerichtet ist.</translation>
    </message>
    <message>
        <source>How it sits: %1.</source>
        <translation>Wie er sitzt: %1.</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>Edge deburred and painted against rust, every chip out again.</source>
        <translation>Kante entgratet und gegen Rost gestrichen, jeder Span wieder heraus.</translation>
    </message>
    <message>
        <source>Slowly, or it melts; press lightly, or it cracks. Edge scraped smooth, every chip out again.</source>
        <translation>Langsam, sonst schmilzt es; leicht drücken, sonst reißt es. Kante glatt geschabt, jeder Span wieder heraus.</translation>
    </message>
    <message>
        <source>The cloth first, crosswise with the knife, its flaps glued back under the edge.</source>
        <translation>Zuerst den Stoff kreuzweise mit dem Messer, die Lappen unter die Kante zurückgeklebt.</translation>
    </message>
    <message>
        <source>Look behind first. Template on with tape, held against the other side; tape where the saw&apos;s foot runs.</source>
        <translation>Zuerst dahinter schauen. Schablone mit Band auflegen und mit der anderen Seite vergleichen; Band, wo der Fuß der Säge läuft.</translation>
    </message>
    <message>
        <source>Drills one after the other, just inside the line: %1. Saw from there; two bridges stay to the last, tape over what falls out and a hand on it.</source>
        <translation>Bohrer nacheinander, knapp innerhalb der Linie: %1. Von dort sägen; zwei Stege bleiben bis zuletzt, Band über das, was herausfällt, und eine Hand daran.</translation>
    </message>
    <message>
        <source>Pilot %1 through the middle, then the saw, square to the face; what it cuts out stays on its drill.</source>
        <translation>%1 durch die Mitte vorbohren, dann die Lochsäge, senkrecht zur Fläche; was sie herausschneidet, bleibt auf ihrem Bohrer.</translation>
    </message>
    <message>
        <source>Subwoofer and doors work against each other</source>
        <translation>Subwoofer und Türen arbeiten gegeneinander</translation>
    </message>
    <message>
        <source>%1 of what both have is lost about %2, where one takes over from the other; noted from %3.</source>
        <translation>%1 von dem, was beide haben, gehen um %2 verloren, wo einer den anderen ablöst; bemerkt ab %3.</translation>
    </message>
    <message>
        <source>They arrive out of step at the first seat. Turning the subwoofer over costs nothing; where that does not do it, the doors wait for it.</source>
        <translation>Am ersten Platz kommen sie aus dem Takt an. Den Subwoofer umzupolen kostet nichts; wo das nicht reicht, warten die Türen auf ihn.</translation>
    </message>
    <message>
        <source>%1 too tight</source>
        <translation>%1 zu eng</translation>
    </message>
    <message>
        <source>%1 fits, %2 play</source>
        <translation>%1 passt, %2 Spiel</translation>
    </message>
    <message>
        <source>%1 would show</source>
        <translation>%1 wäre zu sehen</translation>
    </message>
    <message>
        <source>by template</source>
        <translation>nach Schablone</translation>
    </message>
    <message>
        <source>%1 behind it, %2 needed</source>
        <translation>%1 dahinter, %2 nötig</translation>
    </message>
    <message>
        <source>%1 needed behind it, nobody measured</source>
        <translation>%1 dahinter nötig, niemand hat gemessen</translation>
    </message>
    <message>
        <source>%1 to the edge</source>
        <translation>%1 bis zur Kante</translation>
    </message>
    <message>
        <source>over the edge</source>
        <translation>über die Kante</translation>
    </message>
    <message>
        <source>the old opening shows by %1</source>
        <translation>die alte Öffnung schaut %1 heraus</translation>
    </message>
    <message>
        <source>%1, bears %2×</source>
        <translation>%1, trägt %2×</translation>
    </message>
    <message>
        <source>%1 N on each fixing</source>
        <translation>%1 N an jeder Befestigung</translation>
    </message>
    <message>
        <source>It comes off again and leaves no trace.</source>
        <translation>Es geht wieder ab und hinterlässt keine Spur.</translation>
    </message>
    <message>
        <source>It leaves a trace.</source>
        <translation>Es hinterlässt eine Spur.</translation>
    </message>
    <message>
        <source>For good: cut the hole at %1.</source>
        <translation>Für immer: das Loch bei %1 schneiden.</translation>
    </message>
    <message>
        <source>For good: cut the hole at %1 oval, %2 by %3, by template.</source>
        <translation>Für immer: das Loch bei %1 oval schneiden, %2 mal %3, nach Schablone.</translation>
    </message>
    <message>
        <source>For good: cut the hole at %1 to %2, hole saw %2.</source>
        <translation>Für immer: das Loch bei %1 auf %2 schneiden, Lochsäge %2.</translation>
    </message>
    <message>
        <source>For good: cut the hole at %1 to %2, by template.</source>
        <translation>Für immer: das Loch bei %1 auf %2 schneiden, nach Schablone.</translation>
    </message>
    <message>
        <source>Asked for: %1. It bears %2 in this use, in the sun there and as it hangs: %3 times that, %4 are wanted.</source>
        <translation>Verlangt: %1. Es trägt %2 bei diesem Einsatz, in der Sonne dort und so wie es hängt: das %3-Fache, %4 sind gewünscht.</translation>
    </message>
    <message>
        <source>Over the wind at this head: middle %1, treble %2; %3 wanted, by estimate.</source>
        <translation>Über dem Wind an diesem Kopf: Mitte %1, Höhen %2; %3 gewünscht, geschätzt.</translation>
    </message>
    <message>
        <source>%1; the image in the middle, by estimate</source>
        <translation>%1; das Bild in der Mitte, geschätzt</translation>
    </message>
</context>
<context>
    <name>app</name>
    <message>
        <source>Customer</source>
        <translation>Kunde</translation>
    </message>
    <message>
        <source>In own words</source>
        <translation>In eigenen Worten</translation>
    </message>
    <message>
        <source>It sounds</source>
        <translation>Es klingt</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>It shall be</source>
        <translation>Es soll sein</translation>
    </message>
    <message>
        <source>What must stay</source>
        <translation>Was bleiben muss</translation>
    </message>
    <message>
        <source>It is used as</source>
        <translation>Benutzt als</translation>
    </message>
    <message>
        <source>And with it</source>
        <translation>Und dabei</translation>
    </message>
    <message>
        <source>Found &apos;%1&apos;, expected a plain number up to %2, such as 640.</source>
        <translation>Gefunden „%1“, erwartet eine einfache Zahl bis %2, etwa 640.</translation>
    </message>
    <message>
        <source>May cost</source>
        <translation>Darf kosten</translation>
    </message>
    <message>
        <source>640</source>
        <translation>640</translation>
    </message>
    <message>
        <source>Hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>6</source>
        <translation>6</translation>
    </message>
    <message>
        <source>Left ear</source>
        <translation>Linkes Ohr</translation>
    </message>
    <message>
        <source>Right ear</source>
        <translation>Rechtes Ohr</translation>
    </message>
    <message>
        <source>10 15 20 35 55 60</source>
        <translation>10 15 20 35 55 60</translation>
    </message>
    <message>
        <source>Found &apos;%1&apos;, expected six numbers of dB from −20 to 120.</source>
        <translation>Gefunden „%1“, erwartet sechs Zahlen in dB von −20 bis 120.</translation>
    </message>
    <message>
        <source>What the audiogram says at 250, 500, 1000, 2000, 4000 and 8000 Hz. It is drawn over the level at the ear; an estimate for planning, no test.</source>
        <translation>Was das Audiogramm bei 250, 500, 1000, 2000, 4000 und 8000 Hz sagt. Es wird über dem Pegel am Ohr gezeichnet; eine Schätzung zum Planen, keine Prüfung.</translation>
    </message>
    <message>
        <source>up to %1 %2</source>
        <translation>bis %1 %2</translation>
    </message>
    <message>
        <source>hears</source>
        <translation>hört</translation>
    </message>
    <message>
        <source>Who, and what is wrong?</source>
        <translation>Wer, und was stört?</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>said</source>
        <translation>gesagt</translation>
    </message>
    <message>
        <source>wants, keeps</source>
        <translation>will, behält</translation>
    </message>
    <message>
        <source>What is wanted, what must stay?</source>
        <translation>Was soll werden, was muss bleiben?</translation>
    </message>
    <message>
        <source>ears</source>
        <translation>Ohren</translation>
    </message>
    <message>
        <source>How well do the ears hear?</source>
        <translation>Wie gut hören die Ohren?</translation>
    </message>
    <message>
        <source>audiogram noted</source>
        <translation>Audiogramm notiert</translation>
    </message>
    <message>
        <source>taken for normal</source>
        <translation>als normal angenommen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>nichts davon</translation>
    </message>
    <message>
        <source>Kept clear</source>
        <translation>Freizuhalten</translation>
    </message>
    <message>
        <source>Nothing seals the frame yet: that does more for the bass, and comes first.</source>
        <translation>Noch dichtet nichts den Rahmen: das tut mehr für den Bass und kommt zuerst.</translation>
    </message>
    <message>
        <source>Noted as lying there already, and no work. To lay something, choose &apos;as planned&apos;.</source>
        <translation>Notiert als schon vorhanden, keine Arbeit. Um etwas zu legen, „wie geplant“ wählen.</translation>
    </message>
    <message>
        <source>damping</source>
        <translation>Dämmung</translation>
    </message>
    <message>
        <source>What damps it?</source>
        <translation>Was dämmt ihn?</translation>
    </message>
    <message>
        <source>bare</source>
        <translation>blank</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>gesehen</translation>
    </message>
    <message>
        <source>nothing known to be there</source>
        <translation>nichts bekannt</translation>
    </message>
    <message>
        <source>Held back by</source>
        <translation>Zurückgehalten von</translation>
    </message>
    <message>
        <source>Bridge it: leave it in, and round it</source>
        <translation>Überbrücken: drin lassen und herumgehen</translation>
    </message>
    <message>
        <source>Take the bridge out</source>
        <translation>Brücke herausnehmen</translation>
    </message>
    <message>
        <source>It is bridged: it stays where it is and holds nothing back.</source>
        <translation>Er ist überbrückt: er bleibt, wo er ist, und hält nichts zurück.</translation>
    </message>
    <message>
        <source>Kind and size</source>
        <translation>Art und Größe</translation>
    </message>
    <message>
        <source>Looked: that is what is there</source>
        <translation>Nachgesehen: genau das ist da</translation>
    </message>
    <message>
        <source>Something is fitted here</source>
        <translation>Hier ist etwas verbaut</translation>
    </message>
    <message>
        <source>Nothing is fitted here</source>
        <translation>Hier ist nichts verbaut</translation>
    </message>
    <message>
        <source>Its screws bite in</source>
        <translation>Seine Schrauben fassen in</translation>
    </message>
    <message>
        <source>It ends at</source>
        <translation>Es endet an</translation>
    </message>
    <message>
        <source>Measure with the glass all the way down, and run it before the panel goes back.</source>
        <translation>Mit ganz heruntergefahrener Scheibe messen und sie einmal fahren, bevor die Verkleidung zurückkommt.</translation>
    </message>
    <message>
        <source>No drilling and no self-tapping screw towards the tank; the maker&apos;s instructions come first.</source>
        <translation>Nicht bohren und keine Blechschraube in Richtung Tank; die Anleitung des Herstellers geht vor.</translation>
    </message>
    <message>
        <source>Yellow plugs and wires are never probed or unplugged; orange ones are not touched.</source>
        <translation>Gelbe Stecker und Adern nie messen oder abziehen; orange nicht anfassen.</translation>
    </message>
    <message>
        <source>It is held</source>
        <translation>Gehalten wird er</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>under the panel, from below</source>
        <translation>unter der Verkleidung, von unten</translation>
    </message>
    <message>
        <source>In the way</source>
        <translation>Im Weg</translation>
    </message>
    <message>
        <source>a plastic cable holder</source>
        <translation>ein Kabelhalter aus Kunststoff</translation>
    </message>
    <message>
        <source>Nothing known that swallows sound.</source>
        <translation>Nichts bekannt, was Schall schluckt.</translation>
    </message>
    <message>
        <source>Takes about %1 at 4 kHz and %2 at 10 kHz, by estimate.</source>
        <translation>Nimmt geschätzt etwa %1 bei 4 kHz und %2 bei 10 kHz.</translation>
    </message>
    <message>
        <source>In front of it</source>
        <translation>Davor</translation>
    </message>
    <message>
        <source>Round the frame</source>
        <translation>Um den Rahmen</translation>
    </message>
    <message>
        <source>sealed all round</source>
        <translation>ringsum dicht</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>fitted</source>
        <translation>verbaut</translation>
    </message>
    <message>
        <source>What is fitted?</source>
        <translation>Was ist verbaut?</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>How big is the hole?</source>
        <translation>Wie groß ist das Loch?</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>How deep, and what lies behind?</source>
        <translation>Wie tief, und was liegt dahinter?</translation>
    </message>
    <message>
        <source>in the way</source>
        <translation>im Weg</translation>
    </message>
    <message>
        <source>What is in the way, where does the cable come?</source>
        <translation>Was ist im Weg, wo kommt das Kabel her?</translation>
    </message>
    <message>
        <source>not looked at</source>
        <translation>nicht nachgesehen</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>Abdeckung</translation>
    </message>
    <message>
        <source>What covers it, is it sealed?</source>
        <translation>Was liegt davor, ist es dicht?</translation>
    </message>
    <message>
        <source>sealed</source>
        <translation>dicht</translation>
    </message>
    <message>
        <source>radio</source>
        <translation>Radio</translation>
    </message>
    <message>
        <source>amplifier of its own</source>
        <translation>eigener Verstärker</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Channels</source>
        <translation>Kanäle</translation>
    </message>
    <message>
        <source>FL FR RL RR</source>
        <translation>FL FR RL RR</translation>
    </message>
    <message>
        <source>A channel&apos;s name holds no dot, colon or arrow; type names with spaces between, FL FR.</source>
        <translation>Ein Kanalname hat keinen Punkt, Doppelpunkt oder Pfeil; Namen mit Leerzeichen dazwischen, FL FR.</translation>
    </message>
    <message>
        <source>Where it is</source>
        <translation>Wo sie ist</translation>
    </message>
    <message>
        <source>not found yet</source>
        <translation>noch nicht gefunden</translation>
    </message>
    <message>
        <source>Look under the seats, behind the load-space trim and under the dash; nothing there is pulled that is yellow or orange.</source>
        <translation>Unter den Sitzen, hinter der Laderaumverkleidung und unter dem Armaturenbrett nachsehen; nichts Gelbes oder Oranges wird dort gezogen.</translation>
    </message>
    <message>
        <source>It is not there</source>
        <translation>Es ist nicht da</translation>
    </message>
    <message>
        <source>Its minus wires</source>
        <translation>Ihre Minusadern</translation>
    </message>
    <message>
        <source>Until it is measured none of them may touch the chassis or another output.</source>
        <translation>Bis es gemessen ist, darf keine davon Chassis oder einen anderen Ausgang berühren.</translation>
    </message>
    <message>
        <source>It can be set in</source>
        <translation>Einstellen lässt sich</translation>
    </message>
    <message>
        <source>Nothing else, I have looked</source>
        <translation>Sonst nichts, ich habe nachgesehen</translation>
    </message>
    <message>
        <source>As a voltmeter reads them at the plug, the switched one with the ignition on; 0 where there is none. Which pole is at the chassis is measured first; nothing is taken from the nearest live wire.</source>
        <translation>Wie ein Voltmeter sie am Stecker zeigt, das geschaltete bei Zündung an; 0, wo keins ist. Welcher Pol am Chassis liegt, wird zuerst gemessen; nichts wird von der nächsten stromführenden Ader genommen.</translation>
    </message>
    <message>
        <source>Measured: the meter found it. In papers: this vehicle&apos;s own. A colour proves nothing.</source>
        <translation>Gemessen: das Messgerät hat es gefunden. In Unterlagen: von genau diesem Fahrzeug. Eine Farbe beweist nichts.</translation>
    </message>
    <message>
        <source>%1 measured, %2 in papers, %3 unverified</source>
        <translation>%1 gemessen, %2 in Unterlagen, %3 ungeprüft</translation>
    </message>
    <message>
        <source>A radio with four channels</source>
        <translation>Ein Radio mit vier Kanälen</translation>
    </message>
    <message>
        <source>An amplifier with four channels</source>
        <translation>Ein Verstärker mit vier Kanälen</translation>
    </message>
    <message>
        <source>An amplifier for bass alone</source>
        <translation>Ein Verstärker nur für Bass</translation>
    </message>
    <message>
        <source>One of the shelf</source>
        <translation>Einer aus dem Regal</translation>
    </message>
    <message>
        <source>choose…</source>
        <translation>wählen…</translation>
    </message>
    <message>
        <source>A classic may have none at all, nor a feed for one: measure before planning on it.</source>
        <translation>Ein Oldtimer hat vielleicht gar keine, auch keine Zuleitung dafür: messen, bevor darauf geplant wird.</translation>
    </message>
    <message>
        <source>none noted</source>
        <translation>keine notiert</translation>
    </message>
    <message>
        <source>what it is</source>
        <translation>was es ist</translation>
    </message>
    <message>
        <source>What is it, and where?</source>
        <translation>Was ist es, und wo?</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>What can it drive?</source>
        <translation>Was kann sie treiben?</translation>
    </message>
    <message>
        <source>down to %1</source>
        <translation>bis hinab zu %1</translation>
    </message>
    <message>
        <source>not known, taken for a radio&apos;s</source>
        <translation>nicht bekannt, wie ein Radio angenommen</translation>
    </message>
    <message>
        <source>outputs</source>
        <translation>Ausgänge</translation>
    </message>
    <message>
        <source>Full range? Do its outputs float?</source>
        <translation>Volles Band? Schweben die Ausgänge?</translation>
    </message>
    <message>
        <source>taken for full range</source>
        <translation>als volles Band angenommen</translation>
    </message>
    <message>
        <source>filtered, from %1</source>
        <translation>gefiltert, ab %1</translation>
    </message>
    <message>
        <source>settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Line outputs, settings?</source>
        <translation>Line-Ausgänge, Einstellungen?</translation>
    </message>
    <message>
        <source>nothing to set</source>
        <translation>nichts einzustellen</translation>
    </message>
    <message>
        <source>%1 line outputs</source>
        <translation>%1 Line-Ausgänge</translation>
    </message>
    <message>
        <source>no line output</source>
        <translation>kein Line-Ausgang</translation>
    </message>
    <message>
        <source>nobody has looked</source>
        <translation>keiner hat nachgesehen</translation>
    </message>
    <message>
        <source>pins</source>
        <translation>Stifte</translation>
    </message>
    <message>
        <source>Which pin is which?</source>
        <translation>Welcher Stift ist welcher?</translation>
    </message>
    <message>
        <source>sources</source>
        <translation>Quellen</translation>
    </message>
    <message>
        <source>Is there another one?</source>
        <translation>Gibt es noch eine?</translation>
    </message>
    <message>
        <source>feeds</source>
        <translation>Zuleitungen</translation>
    </message>
    <message>
        <source>What lies ready for a source?</source>
        <translation>Was liegt für eine Quelle bereit?</translation>
    </message>
    <message>
        <source>What it draws follows from its power a channel, which nobody has noted.</source>
        <translation>Was er zieht, folgt aus seiner Leistung je Kanal, und die hat keiner notiert.</translation>
    </message>
    <message>
        <source>Draws about %1 at full drive, taken for class AB</source>
        <translation>Zieht bei Vollaussteuerung etwa %1, als Klasse AB angenommen</translation>
    </message>
    <message>
        <source>%1: fuse %2.</source>
        <translation>%1: Sicherung %2.</translation>
    </message>
    <message>
        <source>%1: no fuse carries that and protects this cable.</source>
        <translation>%1: keine Sicherung trägt das und schützt dieses Kabel.</translation>
    </message>
    <message>
        <source>The cable carries at least %1</source>
        <translation>Das Kabel trägt mindestens %1</translation>
    </message>
    <message>
        <source>%1 and takes %2 of the supply.</source>
        <translation>%1 und nimmt %2 der Versorgung.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>Fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>Supply cable</source>
        <translation>Versorgungskabel</translation>
    </message>
    <message>
        <source>From the fuse on</source>
        <translation>Von der Sicherung an</translation>
    </message>
    <message>
        <source>The fuse protects the cable: within %1 of the battery, fitted last, battery off until then. Orange cables are never touched; makers&apos; and local rules come first.</source>
        <translation>Die Sicherung schützt das Kabel: innerhalb von %1 ab der Batterie, zuletzt eingesetzt, bis dahin Batterie ab. Orange Kabel nie anfassen; Vorschriften des Herstellers und vor Ort gehen vor.</translation>
    </message>
    <message>
        <source>no fuse noted</source>
        <translation>keine Sicherung notiert</translation>
    </message>
    <message>
        <source>supply</source>
        <translation>Versorgung</translation>
    </message>
    <message>
        <source>Fuse and cable?</source>
        <translation>Sicherung und Kabel?</translation>
    </message>
    <message>
        <source>Of a pickup</source>
        <translation>Als Pickup</translation>
    </message>
    <message>
        <source>The wheel is</source>
        <translation>Das Lenkrad ist</translation>
    </message>
    <message>
        <source>on the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>on the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>Make and model</source>
        <translation>Marke und Modell</translation>
    </message>
    <message>
        <source>%1 cannot be: allowed %2 to 20 m.</source>
        <translation>%1 kann nicht sein: erlaubt ist %2 bis 20 m.</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>nose to front axle</source>
        <translation>Bug bis Vorderachse</translation>
    </message>
    <message>
        <source>Seats are moved on the drawing: drag a head, or Enter, arrows, Enter.</source>
        <translation>Sitze werden auf der Zeichnung verschoben: einen Kopf ziehen, oder Eingabe, Pfeile, Eingabe.</translation>
    </message>
    <message>
        <source>Not told apart yet. Order nothing that fits only one variant.</source>
        <translation>Noch nicht unterschieden. Nichts bestellen, was nur zu einer Variante passt.</translation>
    </message>
    <message>
        <source>So far: %1.</source>
        <translation>Bisher: %1.</translation>
    </message>
    <message>
        <source>Look next: %1</source>
        <translation>Als Nächstes nachsehen: %1</translation>
    </message>
    <message>
        <source>Another variant than the one the sheet was made from: nothing of its sources holds until it is looked at.</source>
        <translation>Eine andere Variante als die des Blatts: von ihren Quellen gilt nichts, bis nachgesehen ist.</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>not looked</source>
        <translation>nicht nachgesehen</translation>
    </message>
    <message>
        <source>Plan for the other answer beside it</source>
        <translation>Für die andere Antwort daneben planen</translation>
    </message>
    <message>
        <source>if amplified</source>
        <translation>falls mit Verstärker</translation>
    </message>
    <message>
        <source>%1 ways stand beside each other; Plan, Ways chooses the one that is shown.</source>
        <translation>%1 Wege stehen nebeneinander; Plan, Wege wählt den, der gezeigt wird.</translation>
    </message>
    <message>
        <source>came in</source>
        <translation>gekommen ist</translation>
    </message>
    <message>
        <source>What came in?</source>
        <translation>Was ist hereingekommen?</translation>
    </message>
    <message>
        <source>wheel on the left</source>
        <translation>Lenkrad links</translation>
    </message>
    <message>
        <source>wheel on the right</source>
        <translation>Lenkrad rechts</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>How big is it?</source>
        <translation>Wie groß ist es?</translation>
    </message>
    <message>
        <source>%1 long, %2 wide</source>
        <translation>%1 lang, %2 breit</translation>
    </message>
    <message>
        <source>variant</source>
        <translation>Variante</translation>
    </message>
    <message>
        <source>Which variant?</source>
        <translation>Welche Variante?</translation>
    </message>
    <message>
        <source>driven by</source>
        <translation>Antrieb</translation>
    </message>
    <message>
        <source>What drives it, what to mind?</source>
        <translation>Was treibt es an, was ist zu beachten?</translation>
    </message>
    <message>
        <source>on from %1</source>
        <translation>weiter von %1</translation>
    </message>
    <message>
        <source>One coil stands against the others: no motion, and the meter reads the same. Turn it over.</source>
        <translation>Eine Spule steht gegen die anderen: keine Bewegung, und das Messgerät zeigt dasselbe. Umpolen.</translation>
    </message>
    <message>
        <source>A coil with nothing on it gives part of the motor away.</source>
        <translation>Eine Spule ohne Anschluss verschenkt einen Teil des Antriebs.</translation>
    </message>
    <message>
        <source>A meter at the leads, plug off, must show %1.</source>
        <translation>Ein Messgerät an den Leitungen, Stecker ab, muss %1 zeigen.</translation>
    </message>
    <message>
        <source>Shares its pair of wires with %1.</source>
        <translation>Teilt sein Aderpaar mit %1.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Fed by</source>
        <translation>Gespeist von</translation>
    </message>
    <message>
        <source>Its coils</source>
        <translation>Seine Spulen</translation>
    </message>
    <message>
        <source>Its plus tab is on</source>
        <translation>Seine Pluszunge liegt an</translation>
    </message>
    <message>
        <source>plus</source>
        <translation>Plus</translation>
    </message>
    <message>
        <source>minus: turned over</source>
        <translation>Minus: umgedreht</translation>
    </message>
    <message>
        <source>Cable, each core</source>
        <translation>Kabel, jede Ader</translation>
    </message>
    <message>
        <source>Cable, one way</source>
        <translation>Kabel, ein Weg</translation>
    </message>
    <message>
        <source>Plug</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>flat, two pins</source>
        <translation>flach, zwei Stifte</translation>
    </message>
    <message>
        <source>A colour or a wider tab is a cue for plus, not a proof: only a reading settles it.</source>
        <translation>Eine Farbe oder breitere Zunge ist ein Hinweis auf Plus, kein Beweis: nur eine Messung klärt es.</translation>
    </message>
    <message>
        <source>+ %1, − %2</source>
        <translation>+ %1, − %2</translation>
    </message>
    <message>
        <source>channel %1</source>
        <translation>Kanal %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>nothing feeds it</source>
        <translation>nichts speist ihn</translation>
    </message>
    <message>
        <source>a cue, no proof</source>
        <translation>ein Hinweis, kein Beweis</translation>
    </message>
    <message>
        <source>Kind of place</source>
        <translation>Art des Platzes</translation>
    </message>
    <message>
        <source>It stands alone.</source>
        <translation>Er steht allein.</translation>
    </message>
    <message>
        <source>Both sides are alike.</source>
        <translation>Beide Seiten sind gleich.</translation>
    </message>
    <message>
        <source>The other side: %1.</source>
        <translation>Die andere Seite: %1.</translation>
    </message>
    <message>
        <source>Make the other side like this one</source>
        <translation>Die andere Seite wie diese machen</translation>
    </message>
    <message>
        <source>Each side for itself</source>
        <translation>Jede Seite für sich</translation>
    </message>
    <message>
        <source>Remove this place</source>
        <translation>Diesen Platz entfernen</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>both sides are kept alike</source>
        <translation>beide Seiten bleiben gleich</translation>
    </message>
    <message>
        <source>each side for itself</source>
        <translation>jede Seite für sich</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>wires</source>
        <translation>Adern</translation>
    </message>
    <message>
        <source>Which wires?</source>
        <translation>Welche Drähte?</translation>
    </message>
    <message>
        <source>sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Left and right</source>
        <translation>Links und rechts</translation>
    </message>
</context>
<context>
    <name>app::AimDrawing</name>
    <message>
        <source>The cabin from above</source>
        <translation>Der Innenraum von oben</translation>
    </message>
    <message>
        <source>The cabin from the side</source>
        <translation>Der Innenraum von der Seite</translation>
    </message>
    <message>
        <source>%1: x %2, y %3, z %4 m, %5, %6</source>
        <translation>%1: x %2, y %3, z %4 m, %5, %6</translation>
    </message>
    <message>
        <source>%1 here</source>
        <translation>%1 hier</translation>
    </message>
    <message>
        <source>from above, nose up; bigger dot, better pair</source>
        <translation>von oben, Nase oben; größerer Punkt, besseres Paar</translation>
    </message>
</context>
<context>
    <name>app::AimView</name>
    <message>
        <source>Aim</source>
        <translation>Richten</translation>
    </message>
    <message>
        <source>&amp;Aim</source>
        <translation>&amp;Richten</translation>
    </message>
    <message>
        <source>Nobody listens in this plan. Walk-round says who sits where.</source>
        <translation>In diesem Plan hört niemand zu. Der Rundgang sagt, wer wo sitzt.</translation>
    </message>
    <message>
        <source>No speaker plays here. Walk-round adds what is fitted, Match what is planned.</source>
        <translation>Hier spielt kein Lautsprecher. Der Rundgang fügt hinzu, was verbaut ist, Auswahl, was geplant wird.</translation>
    </message>
    <message>
        <source>Airbags and belts</source>
        <translation>Airbags und Gurte</translation>
    </message>
    <message>
        <source>%1: has the vehicle maker’s data been read, and does it clear this zone for a speaker and its leads? Nothing else opens it. Disconnect the battery and wait as the maker says before anything there is touched.</source>
        <translation>%1: Wurden die Unterlagen des Fahrzeugherstellers gelesen, und geben sie diese Zone für einen Lautsprecher und seine Leitungen frei? Nichts anderes öffnet sie. Batterie abklemmen und warten, wie der Hersteller sagt, ehe dort etwas berührt wird.</translation>
    </message>
    <message>
        <source>It clears it: record that</source>
        <translation>Sie geben sie frei: vermerken</translation>
    </message>
    <message>
        <source>Leave it closed</source>
        <translation>Gesperrt lassen</translation>
    </message>
    <message>
        <source>Fewer than two channels play: there is nothing to set.</source>
        <translation>Weniger als zwei Kanäle spielen: es gibt nichts einzustellen.</translation>
    </message>
    <message>
        <source>Nothing in this chain can delay: level and polarity only.</source>
        <translation>Nichts in dieser Kette kann verzögern: nur Pegel und Polung.</translation>
    </message>
    <message>
        <source>It stands as well as it can be set.</source>
        <translation>Besser lässt es sich nicht einstellen.</translation>
    </message>
    <message>
        <source>The hole at 1:1</source>
        <translation>Das Loch 1:1</translation>
    </message>
    <message>
        <source>hole.pdf</source>
        <translation>loch.pdf</translation>
    </message>
    <message>
        <source>PDF or SVG (*.pdf *.svg)</source>
        <translation>PDF oder SVG (*.pdf *.svg)</translation>
    </message>
    <message>
        <source>It stands on no surface: there is no hole to draw.</source>
        <translation>Er steht auf keiner Fläche: es gibt kein Loch zu zeichnen.</translation>
    </message>
    <message>
        <source>%1 is written.</source>
        <translation>%1 ist geschrieben.</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2</source>
        <translation>%1 kann nicht geschrieben werden: %2</translation>
    </message>
    <message>
        <source>On the cabin: Tab goes from speaker to speaker, arrows move the picked one by 5 mm, with Shift by 1 mm, R turns it by 5 degrees, Shift+R back; Enter puts it down, Escape returns it. The wheel turns it once the cabin has the keys. While a surface is shaped Tab goes round its corners, arrows move one, Escape leaves it.</source>
        <translation>Im Innenraum: Tab geht von Lautsprecher zu Lautsprecher, Pfeile bewegen den gewählten um 5 mm, mit Umschalt um 1 mm, R dreht ihn um 5 Grad, Umschalt+R zurück; Eingabe setzt ihn ab, Escape bringt ihn zurück. Das Rad dreht ihn, sobald der Innenraum die Tasten hat. Wird eine Fläche geformt, geht Tab um ihre Ecken, Pfeile bewegen eine, Escape lässt sie.</translation>
    </message>
</context>
<context>
    <name>app::AnswerDots</name>
    <message>
        <source>%1 of %2 answered</source>
        <translation>%1 von %2 beantwortet</translation>
    </message>
</context>
<context>
    <name>app::AnswerLine</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>app::Arrival</name>
    <message>
        <source>tweeter in %1</source>
        <translation>Hochtöner in %1</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 of %2 mm</source>
        <translation>%1 von %2 mm</translation>
    </message>
    <message>
        <source>%1 at fs, %2</source>
        <translation>%1 bei fs, %2</translation>
    </message>
</context>
<context>
    <name>app::AskForm</name>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>%1: Enter keeps it.</source>
        <translation>%1: Eingabe behält es.</translation>
    </message>
    <message>
        <source>%1 by estimate</source>
        <translation>%1 geschätzt</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Nearest to a usual %1, where a %2 would be. Arrows move it while it is held.</source>
        <translation>Am nächsten an: %1, üblich wäre dort: %2. Pfeile schieben ihn, solange er gehalten wird.</translation>
    </message>
    <message>
        <source>Add it with what is usually there</source>
        <translation>Mit dem anlegen, was dort üblich ist</translation>
    </message>
    <message>
        <source>Add the place alone</source>
        <translation>Nur den Platz anlegen</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>What is here?</source>
        <translation>Was ist hier?</translation>
    </message>
    <message>
        <source>add</source>
        <translation>dazu</translation>
    </message>
    <message>
        <source>What else is there?</source>
        <translation>Was gibt es noch?</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>wires</source>
        <translation>Adern</translation>
    </message>
    <message>
        <source>Does every wire go through?</source>
        <translation>Geht jede Ader durch?</translation>
    </message>
    <message>
        <source>way in</source>
        <translation>Weg hinein</translation>
    </message>
    <message>
        <source>How does one get in?</source>
        <translation>Wie kommt man hinein?</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>gesehen</translation>
    </message>
    <message>
        <source>Colour of plus</source>
        <translation>Farbe von Plus</translation>
    </message>
    <message>
        <source>Colour of minus</source>
        <translation>Farbe von Minus</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>grau</translation>
    </message>
    <message>
        <source>grey/black</source>
        <translation>grau/schwarz</translation>
    </message>
    <message>
        <source>Network</source>
        <translation>Weiche</translation>
    </message>
    <message numerus="yes">
        <source>%n difference(s)</source>
        <translation>
            <numerusform>%n Unterschied</numerusform>
            <numerusform>%n Unterschiede</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::BandChart</name>
    <message>
        <source>tweeter in %1</source>
        <translation>Hochtöner in %1</translation>
    </message>
    <message>
        <source>Nobody hears anything yet.</source>
        <translation>Noch hört niemand etwas.</translation>
    </message>
    <message>
        <source>No gap, no overlap wider than an octave, no filter twice.</source>
        <translation>Keine Lücke, keine Überlappung über einer Oktave, kein Filter doppelt.</translation>
    </message>
    <message>
        <source>all together
%1</source>
        <translation>alle zusammen
%1</translation>
    </message>
    <message>
        <source>%1 k</source>
        <translation>%1 k</translation>
    </message>
    <message>
        <source>a filter begins</source>
        <translation>ein Filter beginnt</translation>
    </message>
</context>
<context>
    <name>app::BandReed</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1: reach %2 before, %3 after, change %4</source>
        <translation>%1: Reichweite %2 vorher, %3 nachher, Änderung %4</translation>
    </message>
    <message>
        <source>Loudest clean level: %1 before (then %2), %3 after (then %4).
Balance against 250 Hz–4 kHz: %5 before, %6 after.</source>
        <translation>Lautester sauberer Pegel: %1 vorher (dann %2), %3 nachher (dann %4).
Gegen 250 Hz–4 kHz: %5 vorher, %6 nachher.</translation>
    </message>
    <message>
        <source>With what nobody measured: %1 dB after.</source>
        <translation>Mit dem, was keiner gemessen hat: nachher %1 dB.</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
</context>
<context>
    <name>app::BenchActions</name>
    <message>
        <source>Take the link out</source>
        <translation>Brücke herausnehmen</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Bridge it</source>
        <translation>Überbrücken</translation>
    </message>
    <message>
        <source>Turn over %1</source>
        <translation>%1 umpolen</translation>
    </message>
    <message>
        <source>%1 and %2 across it</source>
        <translation>%1 und %2 parallel dazu</translation>
    </message>
    <message>
        <source>%1, %2 and %3 across it</source>
        <translation>%1, %2 und %3 parallel dazu</translation>
    </message>
    <message>
        <source>Turn it over</source>
        <translation>Verpolen</translation>
    </message>
    <message>
        <source>Turn the tweeter over</source>
        <translation>Hochtöner umpolen</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 dazu</translation>
    </message>
    <message>
        <source>A capacitor into its lead</source>
        <translation>Ein Kondensator in die Leitung</translation>
    </message>
    <message>
        <source>A resistor into its lead</source>
        <translation>Ein Widerstand in die Leitung</translation>
    </message>
    <message>
        <source>R, C across</source>
        <translation>R, C parallel</translation>
    </message>
    <message>
        <source>R, L, C across</source>
        <translation>R, L, C parallel</translation>
    </message>
    <message>
        <source>Board out</source>
        <translation>Weiche raus</translation>
    </message>
    <message>
        <source>Filter out</source>
        <translation>Filter raus</translation>
    </message>
    <message>
        <source>◂ to the input</source>
        <translation>◂ zum Eingang</translation>
    </message>
    <message>
        <source>to the speaker ▸</source>
        <translation>zum Lautsprecher ▸</translation>
    </message>
    <message>
        <source>Past the next one, towards the input (Ctrl+Left)</source>
        <translation>Am nächsten vorbei, zum Eingang hin (Strg+Links)</translation>
    </message>
    <message>
        <source>Past the next one, towards the speaker (Ctrl+Right)</source>
        <translation>Am nächsten vorbei, zum Lautsprecher hin (Strg+Rechts)</translation>
    </message>
</context>
<context>
    <name>app::BenchDrawing</name>
    <message>
        <source>The way from the amplifier to the speakers</source>
        <translation>Der Weg vom Verstärker zu den Lautsprechern</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>%1: bridged, it carries nothing</source>
        <translation>%1: überbrückt, führt nichts</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>Eingang %1</translation>
    </message>
    <message>
        <source>tweeter %1</source>
        <translation>Hochtöner %1</translation>
    </message>
    <message>
        <source>woofer %1</source>
        <translation>Tieftöner %1</translation>
    </message>
    <message>
        <source>turned over</source>
        <translation>umgepolt</translation>
    </message>
    <message>
        <source>at the source&apos;s limit, programme</source>
        <translation>an der Grenze der Quelle, Programm</translation>
    </message>
    <message>
        <source>mid %1</source>
        <translation>Mitteltöner %1</translation>
    </message>
</context>
<context>
    <name>app::BoardDialog</name>
    <message>
        <source>A board to be made</source>
        <translation>Eine Weiche zum Selbstbauen</translation>
    </message>
    <message>
        <source>the ohms on the label</source>
        <translation>die Ohm auf dem Etikett</translation>
    </message>
    <message>
        <source>its ohms at the corner</source>
        <translation>seine Ohm an der Grenze</translation>
    </message>
    <message>
        <source>two resistors, its ohms stay</source>
        <translation>zwei Widerstände, die Ohm bleiben</translation>
    </message>
    <message>
        <source>one resistor in series</source>
        <translation>ein Widerstand in Reihe</translation>
    </message>
    <message>
        <source>for</source>
        <translation>für</translation>
    </message>
    <message>
        <source>made for</source>
        <translation>gebaut für</translation>
    </message>
    <message>
        <source>highest one quieter by</source>
        <translation>der höchste leiser um</translation>
    </message>
    <message>
        <source>how it is made quieter</source>
        <translation>wie er leiser wird</translation>
    </message>
    <message>
        <source>high-pass</source>
        <translation>Hochpass</translation>
    </message>
    <message>
        <source>low-pass</source>
        <translation>Tiefpass</translation>
    </message>
    <message>
        <source>hand-over</source>
        <translation>Übergabe</translation>
    </message>
    <message>
        <source>woofer to mid</source>
        <translation>Tieftöner zu Mitteltöner</translation>
    </message>
    <message>
        <source>mid to tweeter</source>
        <translation>Mitteltöner zu Hochtöner</translation>
    </message>
    <message>
        <source>shape of the filter</source>
        <translation>Form des Filters</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>%1 cannot be: allowed %2 to %3.</source>
        <translation>%1 geht nicht: erlaubt %2 bis %3.</translation>
    </message>
    <message>
        <source>Nothing on it yet: a frequency, or some dB less.</source>
        <translation>Noch nichts darauf: eine Frequenz oder einige dB weniger.</translation>
    </message>
    <message>
        <source>quieter by</source>
        <translation>leiser um</translation>
    </message>
    <message>
        <source>its ohms all along</source>
        <translation>seine Ohm über den ganzen Verlauf</translation>
    </message>
</context>
<context>
    <name>app::CableDialog</name>
    <message>
        <source>Cable of %1</source>
        <translation>Kabel von %1</translation>
    </message>
    <message>
        <source>how long, one way</source>
        <translation>wie lang, eine Richtung</translation>
    </message>
    <message>
        <source>each core</source>
        <translation>jede Ader</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>With both, its ohms count in every figure: there and back.</source>
        <translation>Mit beidem zählen seine Ohm in jedem Wert: hin und zurück.</translation>
    </message>
</context>
<context>
    <name>app::CableTile</name>
    <message>
        <source>cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>The cable, one way and of each core; it loses %1 where the channel sees least</source>
        <translation>Das Kabel, eine Richtung und jede Ader; es verliert %1, wo der Kanal am wenigsten sieht</translation>
    </message>
    <message>
        <source>How long the cable is, one way, and how thick each core: nobody said</source>
        <translation>Wie lang das Kabel ist, eine Richtung, und wie dick jede Ader: hat niemand gesagt</translation>
    </message>
    <message>
        <source>cable: %1</source>
        <translation>Kabel: %1</translation>
    </message>
</context>
<context>
    <name>app::CandidateHeader</name>
    <message>
        <source>driver</source>
        <translation>Lautsprecher</translation>
    </message>
    <message>
        <source>By name</source>
        <translation>Nach Namen</translation>
    </message>
    <message>
        <source>What is left behind it, most first</source>
        <translation>Was dahinter bleibt, das meiste zuerst</translation>
    </message>
    <message>
        <source>Ω</source>
        <translation>Ω</translation>
    </message>
    <message>
        <source>The least the source would see, most first</source>
        <translation>Das Kleinste, was die Quelle sähe, das größte zuerst</translation>
    </message>
    <message>
        <source>bands</source>
        <translation>Bänder</translation>
    </message>
    <message>
        <source>Deep bass, mid-bass, middle, treble against what was there, at equal volts; loudest in its work first</source>
        <translation>Tiefbass, Oberbass, Mitten, Höhen gegen das, was da war, bei gleicher Spannung; der in seiner Arbeit lauteste zuerst</translation>
    </message>
    <message>
        <source>travel</source>
        <translation>Hub</translation>
    </message>
    <message>
        <source>With programme, of what it bears; least first</source>
        <translation>Mit Programm, von dem, was er verträgt; das kleinste zuerst</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>Cheapest first, each</source>
        <translation>Die billigsten zuerst, je Stück</translation>
    </message>
    <message>
        <source>kg</source>
        <translation>kg</translation>
    </message>
    <message>
        <source>Lightest first, each</source>
        <translation>Die leichtesten zuerst, je Stück</translation>
    </message>
    <message>
        <source>points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Best first</source>
        <translation>Die besten zuerst</translation>
    </message>
    <message>
        <source>clear, in</source>
        <translation>frei, in</translation>
    </message>
    <message>
        <source>clear, mm</source>
        <translation>frei, mm</translation>
    </message>
</context>
<context>
    <name>app::CandidateModel</name>
    <message>
        <source>sees %1</source>
        <translation>sieht %1</translation>
    </message>
    <message>
        <source>%1 in the middle</source>
        <translation>%1 in den Mitten</translation>
    </message>
    <message>
        <source>nominal corner %1</source>
        <translation>nominelle Grenzfrequenz %1</translation>
    </message>
    <message>
        <source>%1 deep</source>
        <translation>%1 tief</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 Punkte</translation>
    </message>
</context>
<context>
    <name>app::CandidateRow</name>
    <message>
        <source>?</source>
        <translation>?</translation>
    </message>
    <message>
        <source>these do not go in</source>
        <translation>diese gehen nicht hinein</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gemerkt</translation>
    </message>
    <message>
        <source>planned</source>
        <translation>geplant</translation>
    </message>
    <message>
        <source>planned, held</source>
        <translation>geplant, gemerkt</translation>
    </message>
</context>
<context>
    <name>app::ChangeFigures</name>
    <message>
        <source>%1: %2 before, %3 %4 after %5</source>
        <translation>%1: %2 vorher, %3 %4 nachher %5</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>→</source>
        <translation>→</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
</context>
<context>
    <name>app::ChannelCard</name>
    <message>
        <source>high-pass</source>
        <translation>Hochpass</translation>
    </message>
    <message>
        <source>Holds back what is lower</source>
        <translation>Hält zurück, was tiefer ist</translation>
    </message>
    <message>
        <source>low-pass</source>
        <translation>Tiefpass</translation>
    </message>
    <message>
        <source>Holds back what is higher</source>
        <translation>Hält zurück, was höher ist</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>This channel against the others</source>
        <translation>Dieser Kanal gegen die anderen</translation>
    </message>
    <message>
        <source>polarity</source>
        <translation>Polung</translation>
    </message>
    <message>
        <source>The channel&apos;s own switch for polarity</source>
        <translation>Der Polungsschalter des Kanals selbst</translation>
    </message>
    <message>
        <source>%1, built in</source>
        <translation>%1, eingebaut</translation>
    </message>
    <message>
        <source>has none</source>
        <translation>hat keinen</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>turned over</source>
        <translation>umgepolt</translation>
    </message>
    <message>
        <source>as marked</source>
        <translation>wie bezeichnet</translation>
    </message>
    <message>
        <source>What nobody has looked for at this source is dashed: look before it is counted on.</source>
        <translation>Was an dieser Quelle noch niemand gesucht hat, ist gestrichelt: erst nachsehen, dann damit rechnen.</translation>
    </message>
    <message>
        <source>LR %1</source>
        <translation>LR %1</translation>
    </message>
    <message>
        <source>Bessel %1</source>
        <translation>Bessel %1</translation>
    </message>
    <message>
        <source>equaliser</source>
        <translation>Equalizer</translation>
    </message>
    <message>
        <source>Bands that lift or take a stretch of this channel</source>
        <translation>Bänder, die einen Bereich dieses Kanals anheben oder absenken</translation>
    </message>
    <message>
        <source>%1, how steep</source>
        <translation>%1, wie steil</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>linear</translation>
    </message>
    <message numerus="yes">
        <source>%n band(s)</source>
        <translation>
            <numerusform>%n Band</numerusform>
            <numerusform>%n Bänder</numerusform>
        </translation>
    </message>
    <message>
        <source>delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>How much later this channel plays</source>
        <translation>Wieviel später dieser Kanal spielt</translation>
    </message>
    <message>
        <source>%1 ms</source>
        <translation>%1 ms</translation>
    </message>
</context>
<context>
    <name>app::CircuitBar</name>
    <message>
        <source>%1, as read</source>
        <translation>%1, wie gelesen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>its circuit</source>
        <translation>sein Kreis</translation>
    </message>
    <message>
        <source>pull a plug</source>
        <translation>Stecker ziehen</translation>
    </message>
    <message>
        <source>Opens the circuit: every pin, and what goes quiet when a plug is off</source>
        <translation>Öffnet den Kreis: jeder Stift, und was verstummt, wenn ein Stecker ab ist</translation>
    </message>
    <message>
        <source>%1 +%2</source>
        <translation>%1 +%2</translation>
    </message>
    <message>
        <source>Its circuit: %1. %2</source>
        <translation>Sein Kreis: %1. %2</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
</context>
<context>
    <name>app::CircuitDrawing</name>
    <message>
        <source>The circuit of this place</source>
        <translation>Der Kreis dieses Platzes</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 to %2, %3</source>
        <translation>%1 nach %2, %3</translation>
    </message>
    <message>
        <source>colour not noted</source>
        <translation>Farbe nicht notiert</translation>
    </message>
    <message>
        <source>quiet: %1</source>
        <translation>still: %1</translation>
    </message>
</context>
<context>
    <name>app::CircuitView</name>
    <message>
        <source>Unplug %1</source>
        <translation>%1 abstecken</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>app::CompareView</name>
    <message>
        <source>%1 Stop, %2 Care, %3 Note</source>
        <translation>%1 Halt, %2 Achtung, %3 Hinweis</translation>
    </message>
    <message>
        <source>The drivers held against each other, as they are ranked</source>
        <translation>Die gemerkten Lautsprecher, wie sie gereiht sind</translation>
    </message>
    <message>
        <source>The drivers held against each other, one a column</source>
        <translation>Die gemerkten Lautsprecher, einer je Spalte</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>the rules say</source>
        <translation>die Regeln sagen</translation>
    </message>
    <message>
        <source>reach 60–250 Hz</source>
        <translation>Reichweite 60–250 Hz</translation>
    </message>
    <message>
        <source>250 Hz–4 kHz</source>
        <translation>250 Hz–4 kHz</translation>
    </message>
    <message>
        <source>4–20 kHz</source>
        <translation>4–20 kHz</translation>
    </message>
    <message>
        <source>rated</source>
        <translation>belastbar</translation>
    </message>
    <message>
        <source>left in front</source>
        <translation>bleibt vorn</translation>
    </message>
    <message>
        <source>parts to buy</source>
        <translation>Teile zu kaufen</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>to the vehicle</source>
        <translation>am Fahrzeug</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>nothing is cut</source>
        <translation>nichts wird geschnitten</translation>
    </message>
</context>
<context>
    <name>app::ContinuityView</name>
    <message>
        <source>Channels to read at the source&apos;s plug</source>
        <translation>Kanäle, die am Stecker der Quelle zu lesen sind</translation>
    </message>
    <message>
        <source>ohms read at the channel, or open</source>
        <translation>Ohm, am Kanal gelesen, oder offen</translation>
    </message>
    <message>
        <source>What the ohmmeter reads at the picked channel; Enter keeps it and goes on</source>
        <translation>Was das Ohmmeter am gewählten Kanal zeigt; Eingabe behält es und geht weiter</translation>
    </message>
    <message>
        <source>Power off, the source&apos;s plug off, nothing yellow touched: on its harness side, across both pins of a channel.</source>
        <translation>Strom aus, Stecker der Quelle ab, nichts Gelbes angefasst: auf der Seite des Kabelbaums, über beide Stifte eines Kanals.</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
</context>
<context>
    <name>app::CustomerCard</name>
    <message>
        <source>hears</source>
        <translation>hört</translation>
    </message>
    <message>
        <source>wants</source>
        <translation>will</translation>
    </message>
    <message>
        <source>keeps</source>
        <translation>behält</translation>
    </message>
    <message>
        <source>The customer</source>
        <translation>Der Kunde</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
</context>
<context>
    <name>app::Drawing</name>
    <message>
        <source>+ %1</source>
        <translation>+ %1</translation>
    </message>
    <message>
        <source>− %1</source>
        <translation>− %1</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>%1, %2, channel %3</source>
        <translation>%1, %2, Kanal %3</translation>
    </message>
    <message>
        <source>%1, by estimate</source>
        <translation>%1, geschätzt</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>nothing known to be there</source>
        <translation>nichts bekannt</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message numerus="yes">
        <source>%n channel(s)</source>
        <translation>
            <numerusform>%n Kanal</numerusform>
            <numerusform>%n Kanäle</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, not found yet</source>
        <translation>%1, noch nicht gefunden</translation>
    </message>
    <message>
        <source>usual spot for a %1; Enter adds it</source>
        <translation>üblicher Ort: %1; Eingabe legt ihn an</translation>
    </message>
    <message>
        <source>listened from</source>
        <translation>Ohren hier</translation>
    </message>
    <message>
        <source>new place</source>
        <translation>neuer Platz</translation>
    </message>
    <message>
        <source>what hangs on what, from above</source>
        <translation>was woran hängt, von oben</translation>
    </message>
    <message>
        <source>from above, nose up</source>
        <translation>von oben, Bug oben</translation>
    </message>
    <message>
        <source>L  left side, nose left</source>
        <translation>L  linke Seite, Bug links</translation>
    </message>
    <message>
        <source>right side, nose right  R</source>
        <translation>rechte Seite, Bug rechts  R</translation>
    </message>
    <message>
        <source>L</source>
        <translation>L</translation>
    </message>
    <message>
        <source>R</source>
        <translation>R</translation>
    </message>
    <message>
        <source>?</source>
        <translation>?</translation>
    </message>
    <message>
        <source>not found yet</source>
        <translation>noch nicht gefunden</translation>
    </message>
    <message>
        <source>planned: %1</source>
        <translation>geplant: %1</translation>
    </message>
</context>
<context>
    <name>app::EqualiserDialog</name>
    <message>
        <source>&amp;Another band</source>
        <translation>&amp;Noch ein Band</translation>
    </message>
    <message>
        <source>Equaliser of %1</source>
        <translation>Equalizer von %1</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
    <message>
        <source>Q</source>
        <translation>Q</translation>
    </message>
    <message>
        <source>kind of band</source>
        <translation>Art des Bands</translation>
    </message>
    <message>
        <source>frequency of the band</source>
        <translation>Frequenz des Bands</translation>
    </message>
    <message>
        <source>dB of the band</source>
        <translation>dB des Bands</translation>
    </message>
    <message>
        <source>Q of the band</source>
        <translation>Q des Bands</translation>
    </message>
    <message>
        <source>Take this band out</source>
        <translation>Dieses Band entfernen</translation>
    </message>
    <message>
        <source>%1 cannot be: allowed %2 to %3.</source>
        <translation>%1 geht nicht: erlaubt %2 bis %3.</translation>
    </message>
    <message>
        <source>Q of %1 cannot be: allowed %2 to %3.</source>
        <translation>Q von %1 geht nicht: erlaubt %2 bis %3.</translation>
    </message>
    <message>
        <source>Flat: what comes in goes out. A band lifts or takes a stretch of it.</source>
        <translation>Linear: Was hineingeht, kommt heraus. Ein Band hebt einen Bereich an oder senkt ihn ab.</translation>
    </message>
</context>
<context>
    <name>app::FastenerList</name>
    <message>
        <source>Fasteners: how many, kind, size, where; Enter adds them</source>
        <translation>Befestiger: wie viele, Art, Größe, wo; Eingabe fügt sie hinzu</translation>
    </message>
    <message>
        <source>× %1</source>
        <translation>× %1</translation>
    </message>
    <message>
        <source>Takes it off the list</source>
        <translation>Nimmt es von der Liste</translation>
    </message>
    <message>
        <source>Found &apos;%1&apos;: name the kind too, a screw, bolt, nut, clip, push pin, rivet or hook, or a size such as T25 or 8 mm.</source>
        <translation>Gefunden „%1“: auch die Art nennen, Schraube, Bolzen, Mutter, Clip, Spreizniet, Niet oder Haken, oder eine Größe wie T25 oder 8 mm.</translation>
    </message>
</context>
<context>
    <name>app::FigureTable</name>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>no capacitor</source>
        <translation>kein Kondensator</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nirgends</translation>
    </message>
    <message>
        <source>speaker</source>
        <translation>Lautsprecher</translation>
    </message>
    <message>
        <source>impedance</source>
        <translation>Impedanz</translation>
    </message>
    <message>
        <source>capacitor, nominal</source>
        <translation>Kondensator, nominell</translation>
    </message>
    <message>
        <source>−3 dB, real driver</source>
        <translation>−3 dB, echter Lautsprecher</translation>
    </message>
    <message>
        <source>source sees at least</source>
        <translation>Quelle sieht mindestens</translation>
    </message>
    <message>
        <source>clipping there</source>
        <translation>Clipping dort</translation>
    </message>
    <message>
        <source>as found</source>
        <translation>wie gefunden</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>%1 · Re %2</source>
        <translation>%1 · Re %2</translation>
    </message>
    <message>
        <source>%1 coils of %2 · %3 at the leads</source>
        <translation>%1 Spulen zu %2 · %3 an den Leitungen</translation>
    </message>
    <message>
        <source>%1  (%2)</source>
        <translation>%1  (%2)</translation>
    </message>
    <message>
        <source>%1  at %2</source>
        <translation>%1  bei %2</translation>
    </message>
    <message>
        <source>%1 · %2 · %3</source>
        <translation>%1 · %2 · %3</translation>
    </message>
    <message>
        <source>rests on a class guess</source>
        <translation>beruht auf einer Schätzung nach Bauart</translation>
    </message>
    <message>
        <source>At equal volts the load alone gives %1; driver and all, %2 in the middle.</source>
        <translation>Bei gleicher Spannung macht die Last allein %1; Lautsprecher und alles, %2 in den Mitten.</translation>
    </message>
    <message>
        <source>The old corner: %1; to buy: %2.</source>
        <translation>Die alte Grenzfrequenz: %1; zu kaufen: %2.</translation>
    </message>
</context>
<context>
    <name>app::FindingsColumn</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>None of the rules checked so far has anything to say about this plan. That is what was checked, no more.</source>
        <translation>Keine der bisher geprüften Regeln hat zu diesem Plan etwas zu sagen. Das wurde geprüft, mehr nicht.</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>Measure next: %1. %2</source>
        <translation>Als Nächstes messen: %1. %2</translation>
    </message>
    <message>
        <source>Measure next</source>
        <translation>Als Nächstes messen</translation>
    </message>
    <message>
        <source>%1: enter the reading</source>
        <translation>%1: Messwert eintragen</translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation>%1: %2. %3</translation>
    </message>
    <message>
        <source>%1 · settling</source>
        <translation>%1 · rechnet noch</translation>
    </message>
    <message>
        <source>%1, mend for: %2</source>
        <translation>%1, Abhilfe für: %2</translation>
    </message>
    <message>
        <source>The reason</source>
        <translation>Der Grund</translation>
    </message>
    <message>
        <source>Why: %1</source>
        <translation>Warum: %1</translation>
    </message>
    <message>
        <source>less · %1</source>
        <translation>weniger · %1</translation>
    </message>
    <message>
        <source>why · %1</source>
        <translation>warum · %1</translation>
    </message>
    <message>
        <source>Still settling: press again</source>
        <translation>Rechnet noch: noch einmal drücken</translation>
    </message>
    <message>
        <source>house rules…</source>
        <translation>Hausregeln…</translation>
    </message>
    <message>
        <source>Findings here</source>
        <translation>Befunde hier</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Of this station, of all; what stops the plan comes first wherever it belongs</source>
        <translation>Von dieser Station, von allen; was den Plan aufhält, kommt zuerst, wohin es auch gehört</translation>
    </message>
    <message>
        <source>first three only</source>
        <translation>nur die ersten drei</translation>
    </message>
</context>
<context>
    <name>app::FitPanel</name>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>window closed</source>
        <translation>Scheibe zu</translation>
    </message>
    <message>
        <source>in front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>its depth</source>
        <translation>seine Tiefe</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>screws</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>Kreis</translation>
    </message>
    <message>
        <source>behind screws</source>
        <translation>hinter Schrauben</translation>
    </message>
    <message>
        <source>screw length</source>
        <translation>Schraubenlänge</translation>
    </message>
    <message>
        <source>its body</source>
        <translation>sein Korb</translation>
    </message>
    <message>
        <source>its mass</source>
        <translation>seine Masse</translation>
    </message>
    <message>
        <source>Spacer at &amp;1:1…</source>
        <translation>Distanzring &amp;1:1…</translation>
    </message>
    <message>
        <source>A template to print and cut by: rim, opening, screw holes, the cable&apos;s way out</source>
        <translation>Eine Schablone zum Drucken und Schneiden: Rand, Öffnung, Schraublöcher, Ausgang des Kabels</translation>
    </message>
    <message>
        <source>held by</source>
        <translation>gehalten von</translation>
    </message>
    <message>
        <source>coils</source>
        <translation>Spulen</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 ?</source>
        <translation>%1 ?</translation>
    </message>
    <message>
        <source>fewer</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>%1, picked and not planned.</source>
        <translation>%1, gewählt und nicht geplant.</translation>
    </message>
    <message>
        <source>%1, as it stands in the plan.</source>
        <translation>%1, wie im Plan.</translation>
    </message>
    <message>
        <source>Spacer, %1</source>
        <translation>Distanzring, %1</translation>
    </message>
    <message>
        <source>Template saved as %1.</source>
        <translation>Schablone gesichert als %1.</translation>
    </message>
    <message>
        <source>%1 Only %2 are left beside a hole: choose stouter stuff, or turn the driver.</source>
        <translation>%1 Neben einem Loch bleiben nur %2: stärkeres Material nehmen oder den Lautsprecher drehen.</translation>
    </message>
    <message>
        <source>Save the template</source>
        <translation>Schablone sichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>%1 cannot be written; choose another folder.</source>
        <translation>%1 lässt sich nicht schreiben; einen anderen Ordner wählen.</translation>
    </message>
</context>
<context>
    <name>app::HabitList</name>
    <message>
        <source>%1, %2 points, %3</source>
        <translation>%1, %2 Punkte, %3</translation>
    </message>
    <message>
        <source>where people put them, for these ears</source>
        <translation>wo man sie einbaut, für diese Ohren</translation>
    </message>
    <message>
        <source>fewer</source>
        <translation>weniger</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n weiteres</numerusform>
            <numerusform>%n weitere</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::HolePanel</name>
    <message>
        <source>How it is let in</source>
        <translation>Wie er eingelassen ist</translation>
    </message>
    <message>
        <source>the hole in the %1</source>
        <translation>das Loch: %1</translation>
    </message>
    <message>
        <source>off every surface</source>
        <translation>auf keiner Fläche</translation>
    </message>
    <message>
        <source>It needs a bracket or a pod here, or another spot.</source>
        <translation>Hier braucht er einen Halter oder ein Gehäuse, oder eine andere Stelle.</translation>
    </message>
    <message>
        <source>° in</source>
        <translation>° innen</translation>
    </message>
    <message>
        <source>° up</source>
        <translation>° hoch</translation>
    </message>
    <message>
        <source>other side: mirrored</source>
        <translation>andere Seite: gespiegelt</translation>
    </message>
    <message>
        <source>mirror the other side</source>
        <translation>andere Seite spiegeln</translation>
    </message>
    <message>
        <source>Aim each side by itself from now on</source>
        <translation>Von nun an jede Seite für sich ausrichten</translation>
    </message>
    <message>
        <source>The other side takes the mirrored spot, and follows again</source>
        <translation>Die andere Seite nimmt die gespiegelte Stelle und folgt wieder</translation>
    </message>
    <message>
        <source>An angle is a number: up to 180 degrees in or out, up to 90 up or down.</source>
        <translation>Ein Winkel ist eine Zahl: bis 180 Grad nach innen oder außen, bis 90 hoch oder tief.</translation>
    </message>
    <message>
        <source>%1, usual size: measure before you cut</source>
        <translation>%1, übliche Größe: vor dem Schneiden messen</translation>
    </message>
    <message>
        <source>template…</source>
        <translation>Schablone…</translation>
    </message>
    <message>
        <source>1:1 for both sides, as a PDF or an SVG</source>
        <translation>1:1 für beide Seiten, als PDF oder SVG</translation>
    </message>
    <message>
        <source>corners…</source>
        <translation>Ecken…</translation>
    </message>
    <message>
        <source>What it is made of</source>
        <translation>Woraus sie besteht</translation>
    </message>
    <message>
        <source>What holds it</source>
        <translation>Was ihn hält</translation>
    </message>
    <message>
        <source>The surface as it really is: drag its corners, or type how wide and high it is</source>
        <translation>Die Fläche, wie sie wirklich ist: ihre Ecken ziehen oder eingeben, wie breit und hoch sie ist</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>Drag its corners in either view; over its face they make it larger or smaller, off its face all of it goes along. Esc: done.</source>
        <translation>Ihre Ecken in einer der Ansichten ziehen; über die Fläche machen sie sie größer oder kleiner, von der Fläche weg geht sie ganz mit. Esc: fertig.</translation>
    </message>
    <message>
        <source>hole %1; saws: %2</source>
        <translation>Loch %1; Sägen: %2</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>A surface is at least %1 wide and high.</source>
        <translation>Eine Fläche ist mindestens %1 breit und hoch.</translation>
    </message>
</context>
<context>
    <name>app::HouseDialog</name>
    <message>
        <source>&amp;New jobs begin with these, too</source>
        <translation>&amp;Neue Aufträge beginnen auch damit</translation>
    </message>
    <message>
        <source>House rules of the shop</source>
        <translation>Hausregeln des Betriebs</translation>
    </message>
    <message>
        <source>House rules of this plan</source>
        <translation>Hausregeln dieses Plans</translation>
    </message>
    <message>
        <source>%1 (usual)</source>
        <translation>%1 (üblich)</translation>
    </message>
</context>
<context>
    <name>app::IntakeDialog</name>
    <message>
        <source>&amp;Take it in</source>
        <translation>Über&amp;nehmen</translation>
    </message>
    <message>
        <source>Take in a file</source>
        <translation>Eine Datei übernehmen</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Es ist</translation>
    </message>
    <message>
        <source>&amp;Choose…</source>
        <translation>&amp;Wählen…</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Files that can be taken in (%1)</source>
        <translation>Dateien, die sich übernehmen lassen (%1)</translation>
    </message>
    <message>
        <source>;;All files (*)</source>
        <translation>;;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>%1 %2; is the name right?</source>
        <translation>%1 %2; stimmt der Name?</translation>
    </message>
    <message>
        <source>%1 goes into a plan: open one first.</source>
        <translation>%1 gehört in einen Plan: erst einen öffnen.</translation>
    </message>
    <message>
        <source>%1 is of no kind that is known here by its ending and first line: say what it is.</source>
        <translation>%1 ist nach Endung und erster Zeile von keiner bekannten Art: angeben, was es ist.</translation>
    </message>
    <message>
        <source>planned: %1</source>
        <translation>geplant: %1</translation>
    </message>
    <message>
        <source>Nothing of this plan can take it yet: note the speaker or the source first.</source>
        <translation>Noch kann nichts in diesem Plan es aufnehmen: erst den Lautsprecher oder die Quelle notieren.</translation>
    </message>
</context>
<context>
    <name>app::InventoryView</name>
    <message>
        <source>Every driver and place; Enter picks it</source>
        <translation>Jeder Lautsprecher und Platz; Eingabe wählt ihn</translation>
    </message>
</context>
<context>
    <name>app::JobCardView</name>
    <message>
        <source>Job card</source>
        <translation>Auftragskarte</translation>
    </message>
    <message>
        <source>&amp;Job card</source>
        <translation>Auftragskar&amp;te</translation>
    </message>
    <message>
        <source>Page up and down turn the card.</source>
        <translation>Bild auf und ab blättern die Karte.</translation>
    </message>
    <message>
        <source>The job card</source>
        <translation>Die Auftragskarte</translation>
    </message>
    <message>
        <source>Save as P&amp;DF…</source>
        <translation>Als PD&amp;F sichern…</translation>
    </message>
    <message>
        <source>Save as &amp;CSV…</source>
        <translation>Als &amp;CSV sichern…</translation>
    </message>
    <message>
        <source>As it prints</source>
        <translation>Wie gedruckt</translation>
    </message>
    <message>
        <source>nothing planned</source>
        <translation>nichts geplant</translation>
    </message>
    <message numerus="yes">
        <source>%n step(s)</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation>Gesichert: %1</translation>
    </message>
    <message>
        <source>Save the job card</source>
        <translation>Auftragskarte sichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>Job card saved as %1</source>
        <translation>Auftragskarte gesichert als %1</translation>
    </message>
    <message>
        <source>Save steps, wires and parts</source>
        <translation>Schritte, Adern und Teile sichern</translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation>CSV (*.csv)</translation>
    </message>
</context>
<context>
    <name>app::LoadPlot</name>
    <message>
        <source>what the channel sees</source>
        <translation>was der Kanal sieht</translation>
    </message>
    <message>
        <source>least, at %1</source>
        <translation>mindestens, bei %1</translation>
    </message>
    <message>
        <source>made for %1; not below %2</source>
        <translation>gebaut für %1; nicht unter %2</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
</context>
<context>
    <name>app::MainWindow</name>
    <message>
        <source>This plan is open in another window. Whoever saves last wins; save under another name to keep both.</source>
        <translation>Dieser Plan ist in einem anderen Fenster offen. Wer zuletzt sichert, gewinnt; unter anderem Namen sichern behält beide.</translation>
    </message>
    <message>
        <source>no name yet</source>
        <translation>noch ohne Namen</translation>
    </message>
    <message>
        <source>Work that was never saved (%1), kept %2 from the window that opened it %3.</source>
        <translation>Nie gesicherte Arbeit (%1), aufgehoben %2 aus dem Fenster, das sie %3 öffnete.</translation>
    </message>
    <message>
        <source>Work that was never saved (%1), kept %2.</source>
        <translation>Nie gesicherte Arbeit (%1), aufgehoben %2.</translation>
    </message>
    <message>
        <source>%1 more after it.</source>
        <translation>Danach noch %1.</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Drop it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>&amp;Plan</source>
        <translation>&amp;Plan</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>&amp;New job…</source>
        <translation>&amp;Neuer Auftrag…</translation>
    </message>
    <message>
        <source>New job from a vehicle s&amp;heet…</source>
        <translation>Neuer Auftrag aus Fahrzeugbla&amp;tt…</translation>
    </message>
    <message>
        <source>Open the &amp;demo</source>
        <translation>&amp;Beispiel öffnen</translation>
    </message>
    <message>
        <source>Open the demo with &amp;trouble in it</source>
        <translation>Beispiel mit Fe&amp;hlern öffnen</translation>
    </message>
    <message>
        <source>demo</source>
        <translation>Beispiel</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Sichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Sichern &amp;als…</translation>
    </message>
    <message>
        <source>Save the &amp;vehicle as a sheet…</source>
        <translation>Fahr&amp;zeug als Blatt sichern…</translation>
    </message>
    <message>
        <source>&amp;Branch: another way beside this one</source>
        <translation>Abzw&amp;eigen: ein anderer Weg neben diesem</translation>
    </message>
    <message>
        <source>way %1</source>
        <translation>Weg %1</translation>
    </message>
    <message>
        <source>&amp;Ways</source>
        <translation>&amp;Wege</translation>
    </message>
    <message>
        <source>Ta&amp;ke in a file…</source>
        <translation>Date&amp;i übernehmen…</translation>
    </message>
    <message>
        <source>The shel&amp;f…</source>
        <translation>Das &amp;Regal…</translation>
    </message>
    <message>
        <source>Shop settin&amp;gs…</source>
        <translation>Wer&amp;kstatteinstellungen…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>Been&amp;den</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>&amp;Go</source>
        <translation>&amp;Gehe zu</translation>
    </message>
    <message>
        <source>&amp;Slate</source>
        <translation>Ta&amp;fel</translation>
    </message>
    <message>
        <source>&amp;Next area</source>
        <translation>&amp;Nächster Bereich</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Ground as the &amp;desktop</source>
        <translation>Grund wie der &amp;Desktop</translation>
    </message>
    <message>
        <source>&amp;Light ground</source>
        <translation>&amp;Heller Grund</translation>
    </message>
    <message>
        <source>Dar&amp;k ground</source>
        <translation>Dunk&amp;ler Grund</translation>
    </message>
    <message>
        <source>Lar&amp;ger</source>
        <translation>&amp;Größer</translation>
    </message>
    <message>
        <source>&amp;Smaller</source>
        <translation>&amp;Kleiner</translation>
    </message>
    <message>
        <source>&amp;Normal size</source>
        <translation>&amp;Normale Größe</translation>
    </message>
    <message>
        <source>&amp;Curves, or the line that is left of them</source>
        <translation>Kur&amp;ven, oder die Zeile davon</translation>
    </message>
    <message>
        <source>&amp;Bay mode: one question at a time, large</source>
        <translation>&amp;Werkstattmodus: eine Frage auf einmal, groß</translation>
    </message>
    <message>
        <source>&amp;Inches first</source>
        <translation>&amp;Zoll zuerst</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Keys of this screen</source>
        <translation>&amp;Tasten dieser Seite</translation>
    </message>
    <message>
        <source>&amp;About</source>
        <translation>Ü&amp;ber</translation>
    </message>
    <message>
        <source>Golden Reed</source>
        <translation>Golden Reed</translation>
    </message>
    <message>
        <source>Golden Reed %1: plans the electrical and acoustic design of a speaker upgrade.

GPL-3.0-or-later. Fonts: Lato and Cabin, Open Font License.
It computes and checks; the maker&apos;s instructions, local codes and licensed practice come first.</source>
        <translation>Golden Reed %1: plant die elektrische und akustische Seite eines Lautsprecherumbaus.

GPL-3.0-or-later. Schriften: Lato und Cabin, Open Font License.
Es rechnet und prüft; die Anleitung des Herstellers, örtliche Vorschriften und zugelassene Fachleute gehen vor.</translation>
    </message>
    <message>
        <source>nothing is planned yet</source>
        <translation>noch ist nichts geplant</translation>
    </message>
    <message>
        <source>Give up the one that is marked</source>
        <translation>Das Markierte aufgeben</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Ctrl+N new job · %1 · F4 or / Slate · F6 next area · F7 curves · F8 bay mode · Ctrl+Z undo · Ctrl+Shift+Z redo · Ctrl+S save · Ctrl + and − size.</source>
        <translation>Strg+N neuer Auftrag · %1 · F4 oder / Tafel · F6 nächster Bereich · F7 Kurven · F8 Werkstattmodus · Strg+Z rückgängig · Strg+Umschalt+Z wiederholen · Strg+S sichern · Strg + und − Größe.</translation>
    </message>
    <message>
        <source>Arrows walk the yard, Enter takes a vehicle.</source>
        <translation>Pfeile gehen über den Hof, Eingabe nimmt ein Fahrzeug.</translation>
    </message>
    <message>
        <source>Not opened. %1</source>
        <translation>Nicht geöffnet. %1</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>Nicht gesichert. %1</translation>
    </message>
    <message>
        <source>Not started. %1</source>
        <translation>Nicht begonnen. %1</translation>
    </message>
    <message>
        <source>All of it was found on another vehicle of this kind: confirm what you rely on.</source>
        <translation>All das wurde an einem anderen Fahrzeug dieser Art gefunden: bestätigen, worauf es ankommt.</translation>
    </message>
    <message>
        <source>The vehicle as the factory made it is saved; customer, readings and plans stay with this job.</source>
        <translation>Das Fahrzeug ab Werk ist gesichert; Kunde, Messungen und Pläne bleiben bei diesem Auftrag.</translation>
    </message>
    <message>
        <source>Open a plan</source>
        <translation>Plan öffnen</translation>
    </message>
    <message>
        <source>Plans (*.reed)</source>
        <translation>Pläne (*.reed)</translation>
    </message>
    <message>
        <source>Save the plan</source>
        <translation>Plan sichern</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gesichert</translation>
    </message>
    <message>
        <source>%1[*] – Golden Reed</source>
        <translation>%1[*] – Golden Reed</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Ungesicherte Änderungen</translation>
    </message>
    <message>
        <source>The plan has changes that are not saved.</source>
        <translation>Der Plan hat Änderungen, die nicht gesichert sind.</translation>
    </message>
    <message>
        <source>New job from a vehicle sheet</source>
        <translation>Neuer Auftrag aus einem Fahrzeugblatt</translation>
    </message>
    <message>
        <source>Vehicle sheets (*.reedcar);;Plans (*.reed)</source>
        <translation>Fahrzeugblätter (*.reedcar);;Pläne (*.reed)</translation>
    </message>
    <message>
        <source>Save the vehicle as a sheet</source>
        <translation>Fahrzeug als Blatt sichern</translation>
    </message>
    <message>
        <source>Vehicle sheets (*.reedcar)</source>
        <translation>Fahrzeugblätter (*.reedcar)</translation>
    </message>
    <message>
        <source>The shelf of this shop cannot be read: %1. The one that came with the program is used, and nothing is written over this file.</source>
        <translation>Das Regal dieser Werkstatt lässt sich nicht lesen: %1. Das mitgelieferte gilt, und über diese Datei wird nichts geschrieben.</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) of the shop&apos;s shelf cannot be read and stay in the file. The first: %1.</source>
        <translation>
            <numerusform>%n Zeile im Regal der Werkstatt lässt sich nicht lesen und bleibt in der Datei: %1.</numerusform>
            <numerusform>%n Zeilen im Regal der Werkstatt lassen sich nicht lesen und bleiben in der Datei. Die erste: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not saved for next time: %1 could not be read. Mend it or move it away.</source>
        <translation>Nicht fürs nächste Mal gesichert: %1 war nicht zu lesen. Reparieren oder wegräumen.</translation>
    </message>
    <message>
        <source>Ho&amp;use rules…</source>
        <translation>Hausre&amp;geln…</translation>
    </message>
</context>
<context>
    <name>app::MatchView</name>
    <message>
        <source>What these rest on, and an ohmmeter&apos;s reading</source>
        <translation>Worauf diese beruhen, und ein Messwert des Ohmmeters</translation>
    </message>
    <message>
        <source>The cut and its measures in the shelf&apos;s place</source>
        <translation>Der Schnitt und seine Maße an der Stelle des Regals</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Search the drivers by name, key or kind</source>
        <translation>Lautsprecher suchen nach Name, Schlüssel oder Art</translation>
    </message>
    <message>
        <source>Only what nothing stops</source>
        <translation>Nur, was nichts anhält</translation>
    </message>
    <message>
        <source>Only what leaves the vehicle whole: no hole, no plug is cut</source>
        <translation>Nur, was das Fahrzeug heil lässt: kein Loch, kein Stecker wird geschnitten</translation>
    </message>
    <message>
        <source>Also what is made for another part of the sound than this place plays</source>
        <translation>Auch, was für einen anderen Teil des Klangs gemacht ist, als dieser Platz spielt</translation>
    </message>
    <message>
        <source>Shelf…</source>
        <translation>Regal…</translation>
    </message>
    <message>
        <source>Against others, up to three; Space on the list does the same</source>
        <translation>Gegen andere, bis zu drei; Leertaste in der Liste tut dasselbe</translation>
    </message>
    <message>
        <source>Enter on the list does the same</source>
        <translation>Eingabe in der Liste tut dasselbe</translation>
    </message>
    <message>
        <source>With its tweeters and networks, as they are sold together</source>
        <translation>Mit Hochtönern und Weichen, wie sie zusammen verkauft werden</translation>
    </message>
    <message>
        <source>Drivers of the shelf for this place, best first</source>
        <translation>Lautsprecher des Regals für diesen Platz, die besten zuerst</translation>
    </message>
    <message>
        <source>Match</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>&amp;Match</source>
        <translation>Aus&amp;wahl</translation>
    </message>
    <message>
        <source>On the shelf: arrows choose, Enter plans it, Space holds it against others, C lays the held ones side by side, + and − the spacer. The large figures open what they rest on. In the ohmmeter field: Enter settles Re.</source>
        <translation>Im Regal: Pfeile wählen, Eingabe plant ihn, Leertaste merkt ihn zum Vergleich, C legt die gemerkten nebeneinander, + und − der Distanzring. Die großen Zahlen öffnen, worauf sie beruhen. Im Feld des Ohmmeters: Eingabe klärt Re.</translation>
    </message>
    <message>
        <source>The c&amp;ut</source>
        <translation>Der S&amp;chnitt</translation>
    </message>
    <message>
        <source>goes in</source>
        <translation>geht hinein</translation>
    </message>
    <message>
        <source>nothing cut</source>
        <translation>ungeschnitten</translation>
    </message>
    <message>
        <source>other kinds</source>
        <translation>andere Arten</translation>
    </message>
    <message>
        <source>Hol&amp;d</source>
        <translation>&amp;Merken</translation>
    </message>
    <message>
        <source>&amp;Compare</source>
        <translation>Vergleiche&amp;n</translation>
    </message>
    <message>
        <source>Plan &amp;this one</source>
        <translation>Diesen &amp;einplanen</translation>
    </message>
    <message>
        <source>Plan the whole set</source>
        <translation>Das ganze Set einplanen</translation>
    </message>
    <message numerus="yes">
        <source>%n Stop(s)</source>
        <translation>
            <numerusform>%n Halt</numerusform>
            <numerusform>%n Halt</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, both sides</source>
        <translation>%1, beide Seiten</translation>
    </message>
    <message>
        <source>Nothing of the shelf is left by these words.</source>
        <translation>Bei diesen Wörtern bleibt vom Regal nichts.</translation>
    </message>
    <message>
        <source>No driver stands at this place.</source>
        <translation>An diesem Platz sitzt kein Lautsprecher.</translation>
    </message>
    <message>
        <source>&amp;Compare %1</source>
        <translation>Vergleiche&amp;n %1</translation>
    </message>
</context>
<context>
    <name>app::NoticeBar</name>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>app::OhmmeterLine</name>
    <message>
        <source>Which speaker was measured</source>
        <translation>Welcher Lautsprecher gemessen wurde</translation>
    </message>
    <message>
        <source>Ohmmeter reading, plug off</source>
        <translation>Messwert des Ohmmeters, Stecker ab</translation>
    </message>
    <message>
        <source>3.3 ohm</source>
        <translation>3,3 ohm</translation>
    </message>
    <message>
        <source>What the leads read by themselves</source>
        <translation>Was die Messleitungen allein zeigen</translation>
    </message>
    <message>
        <source>0.2 ohm</source>
        <translation>0,2 ohm</translation>
    </message>
    <message>
        <source>&amp;Ohmmeter, plug off:</source>
        <translation>&amp;Ohmmeter, Stecker ab:</translation>
    </message>
    <message>
        <source>leads alone:</source>
        <translation>Leitungen allein:</translation>
    </message>
    <message>
        <source>of the one there now</source>
        <translation>von dem jetzigen</translation>
    </message>
    <message>
        <source>of the planned one</source>
        <translation>von dem geplanten</translation>
    </message>
    <message>
        <source>of the speaker there</source>
        <translation>von dem Lautsprecher dort</translation>
    </message>
    <message>
        <source>Plug off, meter across the driver&apos;s own tabs; type what it shows, then Enter.</source>
        <translation>Stecker ab, Messgerät an die Zungen des Lautsprechers; eingeben, was es zeigt, dann Eingabe.</translation>
    </message>
    <message>
        <source>%1 is far from what is stated: %2 to %3 would fit. Is the plug off, and is it this speaker? Enter again takes it.</source>
        <translation>%1 liegt weit neben der Angabe: %2 bis %3 würden passen. Ist der Stecker ab, und ist es dieser Lautsprecher? Noch einmal Eingabe nimmt es.</translation>
    </message>
    <message>
        <source>%1. Type a reading such as 3.3 or 3R3.</source>
        <translation>%1. Einen Messwert eingeben wie 3,3 oder 3R3.</translation>
    </message>
    <message>
        <source>%1 is no voice coil: a capacitor in series, a broken coil, or not a coil at all. Measure at the driver&apos;s own tabs.</source>
        <translation>%1 ist keine Schwingspule: ein Kondensator in Reihe, eine gebrochene Spule oder gar keine. An den Zungen des Lautsprechers messen.</translation>
    </message>
    <message>
        <source>The reading must be above what the leads read alone, and above 0.</source>
        <translation>Der Messwert muss über dem der Messleitungen allein liegen, und über 0.</translation>
    </message>
    <message>
        <source>likely %1 nominal</source>
        <translation>wahrscheinlich nominell %1</translation>
    </message>
    <message>
        <source>ambiguous: could be %1 nominal</source>
        <translation>mehrdeutig: nominell könnte es %1 sein</translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source>no usual nominal impedance fits: coils in series or parallel, or a part in circuit</source>
        <translation>keine übliche Nennimpedanz passt: Spulen in Reihe oder parallel, oder ein Teil im Kreis</translation>
    </message>
    <message>
        <source>Re %1, measured; %2.</source>
        <translation>Re %1, gemessen; %2.</translation>
    </message>
</context>
<context>
    <name>app::OthersRow</name>
    <message>
        <source>from %1</source>
        <translation>ab %1</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>straight on</source>
        <translation>ohne Filter</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>The other speakers</source>
        <translation>Die anderen Lautsprecher</translation>
    </message>
    <message>
        <source>a board</source>
        <translation>eine Weiche</translation>
    </message>
</context>
<context>
    <name>app::PairPlot</name>
    <message>
        <source>woofer</source>
        <translation>Tieftöner</translation>
    </message>
    <message>
        <source>tweeter</source>
        <translation>Hochtöner</translation>
    </message>
    <message>
        <source>the pair at the %1</source>
        <translation>das Paar am %1</translation>
    </message>
    <message>
        <source>the pair</source>
        <translation>das Paar</translation>
    </message>
    <message>
        <source>Nobody listens in this plan.</source>
        <translation>In diesem Plan hört niemand zu.</translation>
    </message>
    <message>
        <source>This speaker takes over from no other one here, and none from it.</source>
        <translation>Dieser Lautsprecher übernimmt hier von keinem anderen, und keiner von ihm.</translation>
    </message>
    <message>
        <source>One of the two is silent.</source>
        <translation>Einer der beiden ist stumm.</translation>
    </message>
    <message>
        <source>no hand-over</source>
        <translation>keine Übergabe</translation>
    </message>
    <message>
        <source>even within %1</source>
        <translation>gleichmäßig auf %1</translation>
    </message>
    <message>
        <source>%1: %2. %3 %4</source>
        <translation>%1: %2. %3 %4</translation>
    </message>
    <message>
        <source>the larger one</source>
        <translation>der größere</translation>
    </message>
    <message>
        <source>the smaller one</source>
        <translation>der kleinere</translation>
    </message>
    <message>
        <source>more even as wired: %1; turned over: %2</source>
        <translation>ausgeglichener wie verdrahtet: %1; umgepolt: %2</translation>
    </message>
    <message>
        <source>parts %1: even within %2</source>
        <translation>Teile %1: ausgeglichen auf %2</translation>
    </message>
    <message>
        <source>a hole of %1 at %2</source>
        <translation>ein Loch von %1 bei %2</translation>
    </message>
    <message>
        <source>— no clear split, side by side for %1; as wired %2</source>
        <translation>— keine klare Trennung, nebeneinander über %1; wie verdrahtet %2</translation>
    </message>
    <message>
        <source>— as wired: %1, %2° apart</source>
        <translation>— wie verdrahtet: %1, %2° auseinander</translation>
    </message>
    <message>
        <source>— as wired: %1</source>
        <translation>— wie verdrahtet: %1</translation>
    </message>
    <message>
        <source>- - turned over: %1</source>
        <translation>- - umgedreht: %1</translation>
    </message>
</context>
<context>
    <name>app::Path</name>
    <message>
        <source>Meter</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Lows</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Zufuhr</translation>
    </message>
    <message>
        <source>Ladder</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Probe</translation>
    </message>
</context>
<context>
    <name>app::PinModel</name>
    <message>
        <source>carries</source>
        <translation>führt</translation>
    </message>
    <message>
        <source>plug</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>known</source>
        <translation>bekannt</translation>
    </message>
</context>
<context>
    <name>app::PinView</name>
    <message>
        <source>Pins of its plugs; typing changes a cell, Space how it is known</source>
        <translation>Stifte ihrer Stecker; Tippen ändert eine Zelle, Leertaste, woher es bekannt ist</translation>
    </message>
    <message>
        <source>Take in a table…</source>
        <translation>Tabelle übernehmen…</translation>
    </message>
    <message>
        <source>A table of pins</source>
        <translation>Eine Tabelle mit Stiften</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Write it…</source>
        <translation>Schreiben…</translation>
    </message>
    <message>
        <source>Write the pins</source>
        <translation>Stifte schreiben</translation>
    </message>
    <message>
        <source>%1 pins written to %2.</source>
        <translation>%1 Stifte nach %2 geschrieben.</translation>
    </message>
</context>
<context>
    <name>app::PlaceFigures</name>
    <message>
        <source>load, least</source>
        <translation>Last, kleinste</translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>bei %1</translation>
    </message>
    <message>
        <source>loudness, middle</source>
        <translation>Lautheit, Mitten</translation>
    </message>
    <message>
        <source>2.83 V at 1 m</source>
        <translation>2,83 V in 1 m</translation>
    </message>
    <message>
        <source>capacitor&apos;s corner</source>
        <translation>Grenze, Kondensator</translation>
    </message>
    <message>
        <source>none any more</source>
        <translation>keiner mehr</translation>
    </message>
    <message>
        <source>before it clips</source>
        <translation>bis es clippt</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>app::PlacePlan</name>
    <message>
        <source>The places, from above</source>
        <translation>Die Einbauorte, von oben</translation>
    </message>
    <message>
        <source>L</source>
        <translation>L</translation>
    </message>
    <message>
        <source>R</source>
        <translation>R</translation>
    </message>
</context>
<context>
    <name>app::PlanSession</name>
    <message>
        <source>The plan has moved on since this was offered; please ask for it again.</source>
        <translation>Der Plan ist weiter, seit das angeboten wurde; bitte noch einmal fragen.</translation>
    </message>
    <message>
        <source>The shelf has no bracket that meets this vehicle&apos;s holes and the driver&apos;s.</source>
        <translation>Das Regal hat keinen Halter, der zu den Löchern von Fahrzeug und Lautsprecher passt.</translation>
    </message>
    <message>
        <source>The shelf has no other driver for this place.</source>
        <translation>Das Regal hat keinen anderen Lautsprecher für diesen Platz.</translation>
    </message>
    <message>
        <source>Unsaved work cannot be kept aside: %1</source>
        <translation>Ungesicherte Arbeit lässt sich nicht aufheben: %1</translation>
    </message>
    <message>
        <source>No network of preferred values leaves less to say against this plan.</source>
        <translation>Keine Weiche aus Normwerten lässt weniger gegen diesen Plan zu sagen.</translation>
    </message>
</context>
<context>
    <name>app::Rail</name>
    <message>
        <source>%1, not yet</source>
        <translation>%1, später</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>später</translation>
    </message>
    <message>
        <source>Stations</source>
        <translation>Stationen</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Slate   F4</source>
        <translation>Tafel   F4</translation>
    </message>
    <message>
        <source>Slate: a quick calculation</source>
        <translation>Tafel: eine schnelle Rechnung</translation>
    </message>
</context>
<context>
    <name>app::Reasons</name>
    <message>
        <source>As the original in all that is known.</source>
        <translation>Wie das Original in allem, was bekannt ist.</translation>
    </message>
    <message>
        <source>Not as the original: %1.</source>
        <translation>Nicht wie das Original: %1.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
</context>
<context>
    <name>app::RecentCard</name>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>no findings</source>
        <translation>keine Befunde</translation>
    </message>
    <message>
        <source>Go on with %1</source>
        <translation>Weiter mit %1</translation>
    </message>
    <message>
        <source>%1. %2. %3</source>
        <translation>%1. %2. %3</translation>
    </message>
</context>
<context>
    <name>app::RemediesView</name>
    <message>
        <source>What would help?</source>
        <translation>Was würde helfen?</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Nothing that can be computed changes it by half a decibel or more.</source>
        <translation>Nichts, was sich rechnen lässt, ändert es um ein halbes Dezibel oder mehr.</translation>
    </message>
    <message>
        <source>Each by itself, for these ears. Picking one plans it.</source>
        <translation>Jedes für sich, für diese Ohren. Wer eins wählt, plant es.</translation>
    </message>
    <message>
        <source>Plan it</source>
        <translation>Einplanen</translation>
    </message>
</context>
<context>
    <name>app::ReturnCurve</name>
    <message>
        <source>What more of it brings</source>
        <translation>Was mehr davon bringt</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
</context>
<context>
    <name>app::SeatRow</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>all, %1</source>
        <translation>alle, %1</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>best for</source>
        <translation>am besten für</translation>
    </message>
    <message>
        <source>delay and level</source>
        <translation>Verzögerung und Pegel</translation>
    </message>
    <message>
        <source>Delays, gains and polarity of all channels for these ears, into the settings sheet</source>
        <translation>Verzögerungen, Pegel und Polung aller Kanäle für diese Ohren, in das Einstellblatt</translation>
    </message>
    <message>
        <source>what counts…</source>
        <translation>was zählt…</translation>
    </message>
    <message>
        <source>How many points each fault can take</source>
        <translation>Wie viele Punkte jeder Fehler kosten kann</translation>
    </message>
    <message>
        <source>%1 cleared: close again</source>
        <translation>%1 freigegeben: wieder sperren</translation>
    </message>
</context>
<context>
    <name>app::SectionDrawing</name>
    <message>
        <source>The place cut through the middle</source>
        <translation>Der Platz, in der Mitte durchgeschnitten</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>No driver stands at this place: nothing to draw.</source>
        <translation>An diesem Platz sitzt kein Lautsprecher: nichts zu zeichnen.</translation>
    </message>
    <message>
        <source>above the panel</source>
        <translation>über dem Blech</translation>
    </message>
    <message>
        <source>cabin</source>
        <translation>Innenraum</translation>
    </message>
    <message>
        <source>below</source>
        <translation>darunter</translation>
    </message>
    <message>
        <source>behind the panel</source>
        <translation>hinter dem Blech</translation>
    </message>
</context>
<context>
    <name>app::SettingsDialog</name>
    <message>
        <source>millimetres first</source>
        <translation>Millimeter zuerst</translation>
    </message>
    <message>
        <source>inches first</source>
        <translation>Zoll zuerst</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Shop settings</source>
        <translation>Werkstatteinstellungen</translation>
    </message>
    <message>
        <source>75</source>
        <translation>75</translation>
    </message>
    <message>
        <source>44 51 60 68 76 mm</source>
        <translation>44 51 60 68 76 mm</translation>
    </message>
    <message>
        <source>&amp;Name of the shop</source>
        <translation>&amp;Name der Werkstatt</translation>
    </message>
    <message>
        <source>&amp;Currency</source>
        <translation>&amp;Währung</translation>
    </message>
    <message>
        <source>Money for an &amp;hour</source>
        <translation>Geld je &amp;Stunde</translation>
    </message>
    <message>
        <source>&amp;Lengths</source>
        <translation>&amp;Längen</translation>
    </message>
    <message>
        <source>&amp;Paper</source>
        <translation>&amp;Papier</translation>
    </message>
    <message>
        <source>Hole &amp;saws at hand</source>
        <translation>Loc&amp;hsägen vorhanden</translation>
    </message>
    <message>
        <source>&amp;Folder of vehicle sheets</source>
        <translation>&amp;Ordner der Fahrzeugblätter</translation>
    </message>
    <message>
        <source>Instruments in the bay:</source>
        <translation>Messgeräte in der Werkstatt:</translation>
    </message>
    <message>
        <source>Tools the shop owns:</source>
        <translation>Werkzeug, das die Werkstatt hat:</translation>
    </message>
    <message>
        <source>Money for an hour: found &apos;%1&apos;, expected a plain number such as 75.</source>
        <translation>Geld je Stunde: gefunden „%1“, erwartet eine einfache Zahl wie 75.</translation>
    </message>
    <message>
        <source>as the desktop</source>
        <translation>wie der Desktop</translation>
    </message>
    <message>
        <source>Lan&amp;guage, from the next start on</source>
        <translation>Sp&amp;rache, ab dem nächsten Start</translation>
    </message>
</context>
<context>
    <name>app::ShelfDialog</name>
    <message>
        <source>The shelf</source>
        <translation>Das Regal</translation>
    </message>
    <message>
        <source>Words of a name</source>
        <translation>Wörter eines Namens</translation>
    </message>
    <message>
        <source>Search the shelf</source>
        <translation>Das Regal durchsuchen</translation>
    </message>
    <message>
        <source>Kind of part</source>
        <translation>Art des Teils</translation>
    </message>
    <message>
        <source>all kinds</source>
        <translation>alle Arten</translation>
    </message>
    <message>
        <source>Parts of the shelf</source>
        <translation>Teile des Regals</translation>
    </message>
    <message>
        <source>Take in a &amp;CSV…</source>
        <translation>CSV über&amp;nehmen…</translation>
    </message>
    <message>
        <source>&amp;Write it as CSV…</source>
        <translation>Als CSV &amp;schreiben…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>On this shelf the weight of %1 drivers explains %2 of how sensitive they are. Compare sensitivity, Qts, Xmax and power instead.</source>
        <translation>In diesem Regal erklärt das Gewicht von %1 Lautsprechern %2 ihrer Empfindlichkeit. Stattdessen Empfindlichkeit, Qts, Xmax und Leistung vergleichen.</translation>
    </message>
    <message>
        <source>%1 parts written to %2.</source>
        <translation>%1 Teile nach %2 geschrieben.</translation>
    </message>
    <message>
        <source>A shelf of parts</source>
        <translation>Ein Regal mit Teilen</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Write the shelf</source>
        <translation>Regal schreiben</translation>
    </message>
</context>
<context>
    <name>app::ShelfModel</name>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>gives</source>
        <translation>gibt</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
</context>
<context>
    <name>app::SlateBar</name>
    <message>
        <source>Slate: type quantities, read the answer below</source>
        <translation>Tafel: Größen eintippen, darunter die Antwort lesen</translation>
    </message>
    <message>
        <source>68 uF 4 ohm   ·   50 W 4 ohm   ·   4 ohm || 8 ohm   ·   pad 3 dB 4 ohm   ·   drop 60 A 5 m awg 4   ·   help</source>
        <translation>68 uF 4 ohm   ·   50 W 4 ohm   ·   4 ohm || 8 ohm   ·   pad 3 dB 4 ohm   ·   drop 60 A 5 m awg 4   ·   help</translation>
    </message>
    <message>
        <source>Slate</source>
        <translation>Tafel</translation>
    </message>
    <message>
        <source>a quick sum, no plan needed</source>
        <translation>eine schnelle Rechnung, ohne Plan</translation>
    </message>
</context>
<context>
    <name>app::SpacerPicker</name>
    <message>
        <source>spacer</source>
        <translation>Distanzring</translation>
    </message>
    <message>
        <source>in inches</source>
        <translation>in Zoll</translation>
    </message>
    <message>
        <source>in millimetres</source>
        <translation>in Millimetern</translation>
    </message>
    <message>
        <source>spacer of %1</source>
        <translation>Distanzring von %1</translation>
    </message>
    <message>
        <source>no spacer</source>
        <translation>kein Distanzring</translation>
    </message>
</context>
<context>
    <name>app::SplitAnswers</name>
    <message>
        <source>hand-over</source>
        <translation>Übergabe</translation>
    </message>
    <message>
        <source>least load</source>
        <translation>min. Last</translation>
    </message>
    <message>
        <source>%1: this is how it is</source>
        <translation>%1: so ist es schon</translation>
    </message>
    <message>
        <source>uneven</source>
        <translation>uneben</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n Bauteil</numerusform>
            <numerusform>%n Bauteile</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>hand-overs</source>
        <translation>Übergänge</translation>
    </message>
    <message>
        <source>%1. Parts and price are of one side.</source>
        <translation>%1. Bauteile und Preis gelten für eine Seite.</translation>
    </message>
</context>
<context>
    <name>app::SplitView</name>
    <message>
        <source>%1 cannot be: allowed %2 to %3.</source>
        <translation>%1 geht nicht: erlaubt sind %2 bis %3.</translation>
    </message>
    <message>
        <source>no hand-over</source>
        <translation>keine Übergabe</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>high-pass</source>
        <translation>Hochpass</translation>
    </message>
    <message>
        <source>low-pass</source>
        <translation>Tiefpass</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Trennen</translation>
    </message>
    <message>
        <source>the way there, as it lies on the bench</source>
        <translation>der Weg dorthin, wie er auf der Werkbank liegt</translation>
    </message>
    <message>
        <source>no place yet</source>
        <translation>noch kein Einbauort</translation>
    </message>
    <message>
        <source>the other side follows</source>
        <translation>die andere Seite folgt</translation>
    </message>
    <message>
        <source>Nothing feeds this speaker. Walk-round says where its wires go.</source>
        <translation>Nichts speist diesen Lautsprecher. Der Rundgang sagt, wohin seine Leitungen gehen.</translation>
    </message>
    <message>
        <source>No speaker here. Walk-round adds what is fitted, Match what is planned.</source>
        <translation>Hier ist kein Lautsprecher. Der Rundgang trägt ein, was eingebaut ist, die Auswahl, was geplant ist.</translation>
    </message>
    <message>
        <source>Keep it (Enter)</source>
        <translation>Behalten (Eingabe)</translation>
    </message>
    <message>
        <source>As it was (Esc)</source>
        <translation>Wie es war (Esc)</translation>
    </message>
    <message>
        <source>Spl&amp;it</source>
        <translation>Trenn&amp;en</translation>
    </message>
    <message>
        <source>Not drawn, since it joins two rows: %1. Its wires are in Walk-round.</source>
        <translation>Nicht gezeichnet, weil es zwei Reihen verbindet: %1. Seine Leitungen stehen im Rundgang.</translation>
    </message>
    <message>
        <source>Every speaker on one scale from 20 Hz to 20 kHz</source>
        <translation>Alle Lautsprecher auf einer Skala von 20 Hz bis 20 kHz</translation>
    </message>
    <message>
        <source>all bands</source>
        <translation>alle Bänder</translation>
    </message>
    <message>
        <source>who plays what, at this seat</source>
        <translation>wer was spielt, an diesem Platz</translation>
    </message>
    <message>
        <source>Nothing can be put between these two: they are one speaker, or a channel of theirs has no filter.</source>
        <translation>Zwischen diese beiden lässt sich nichts setzen: Sie sind ein Lautsprecher, oder einem ihrer Kanäle fehlt der Filter.</translation>
    </message>
    <message>
        <source>No network of preferred values, and no filter, suits this pair.</source>
        <translation>Keine Weiche aus Normwerten und kein Filter passt zu diesem Paar.</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>linear</translation>
    </message>
    <message>
        <source>%1 an octave</source>
        <translation>%1 je Oktave</translation>
    </message>
    <message>
        <source>all seats</source>
        <translation>alle Plätze</translation>
    </message>
    <message>
        <source>this seat</source>
        <translation>dieser Platz</translation>
    </message>
    <message>
        <source>A flat sum</source>
        <translation>Eine lineare Summe</translation>
    </message>
    <message>
        <source>%1 an octave to the highs</source>
        <translation>%1 je Oktave zu den Höhen</translation>
    </message>
    <message>
        <source>ways to split</source>
        <translation>Wege zu trennen</translation>
    </message>
    <message>
        <source>What the sum is to come near</source>
        <translation>Woran die Summe herankommen soll</translation>
    </message>
    <message>
        <source>For the chosen seat alone, or for all who listen</source>
        <translation>Nur für den gewählten Platz oder für alle, die hören</translation>
    </message>
    <message>
        <source>The channel as a &amp;netlist…</source>
        <translation>Der Kanal als &amp;Netzliste…</translation>
    </message>
    <message>
        <source>What the channel sees, in &amp;ohms…</source>
        <translation>Was der Kanal sieht, in &amp;Ohm…</translation>
    </message>
    <message>
        <source>The &amp;pair at these ears, in dB…</source>
        <translation>Das &amp;Paar an diesen Ohren, in dB…</translation>
    </message>
    <message>
        <source>There is nothing of that here to be saved.</source>
        <translation>Davon gibt es hier nichts zu sichern.</translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation>Gesichert: %1</translation>
    </message>
    <message>
        <source>A board…</source>
        <translation>Weiche…</translation>
    </message>
    <message>
        <source>Netlist and curves, for other programs</source>
        <translation>Netzliste und Kurven, für andere Programme</translation>
    </message>
    <message>
        <source>files…</source>
        <translation>Dateien…</translation>
    </message>
    <message>
        <source>That was found for the plan as it was; what suits it now is being searched.</source>
        <translation>Das wurde für den vorigen Stand gefunden; was jetzt passt, wird gesucht.</translation>
    </message>
    <message>
        <source>own curve</source>
        <translation>eigene Kurve</translation>
    </message>
    <message>
        <source>This plan&apos;s curve, %1</source>
        <translation>Die Kurve dieses Plans, %1</translation>
    </message>
    <message>
        <source>A curve from a file…</source>
        <translation>Eine Kurve aus einer Datei…</translation>
    </message>
    <message>
        <source>Forget this plan&apos;s curve</source>
        <translation>Die Kurve dieses Plans vergessen</translation>
    </message>
    <message>
        <source>Curves (*.frd *.txt *.csv)</source>
        <translation>Kurven (*.frd *.txt *.csv)</translation>
    </message>
    <message>
        <source>not said: on the dry side, beside its speaker</source>
        <translation>nicht gesagt: auf der trockenen Seite, neben ihrem Lautsprecher</translation>
    </message>
    <message>
        <source>where it sits…</source>
        <translation>wo sie sitzt…</translation>
    </message>
    <message>
        <source>sits: %1</source>
        <translation>sitzt: %1</translation>
    </message>
    <message>
        <source>delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>Where the crossover board sits in the vehicle</source>
        <translation>Wo die Weiche im Fahrzeug sitzt</translation>
    </message>
    <message>
        <source>On the bench: Tab and arrows go from thing to thing, Enter opens a value, arrows up and down or the wheel step it, Enter keeps, Escape returns it. R turns a speaker over, Delete takes a part out, Ctrl+Left and Ctrl+Right carry it along its lead on a board.</source>
        <translation>Auf der Werkbank: Tab und Pfeile gehen von Ding zu Ding, Eingabe öffnet einen Wert, Pfeile auf und ab oder das Rad stellen ihn weiter, Eingabe behält, Escape gibt ihn zurück. R dreht einen Lautsprecher um, Entf nimmt ein Bauteil heraus, Strg+Links und Strg+Rechts tragen es auf einer Weiche an seiner Leitung entlang.</translation>
    </message>
</context>
<context>
    <name>app::SplitWindow</name>
    <message>
        <source>beams over %1</source>
        <translation>bündelt über %1</translation>
    </message>
    <message>
        <source>tweeter wants %1</source>
        <translation>Hochtöner will %1</translation>
    </message>
    <message>
        <source>The larger one beams over %1.</source>
        <translation>Der größere bündelt über %1.</translation>
    </message>
    <message>
        <source>The tweeter wants %1 and more; its filter begins at %2.</source>
        <translation>Der Hochtöner will %1 und mehr; sein Filter beginnt bei %2.</translation>
    </message>
    <message>
        <source>The tweeter wants %1 and more; nothing keeps the lows from it.</source>
        <translation>Der Hochtöner will %1 und mehr; nichts hält die Tiefen von ihm fern.</translation>
    </message>
</context>
<context>
    <name>app::SpotList</name>
    <message>
        <source>A %1, as is usual there</source>
        <translation>%1, wie dort üblich</translation>
    </message>
    <message>
        <source>Add as planned: %1</source>
        <translation>Wie geplant anlegen: %1</translation>
    </message>
    <message>
        <source>Add: %1</source>
        <translation>Anlegen: %1</translation>
    </message>
</context>
<context>
    <name>app::StartPage</name>
    <message>
        <source>Find a vehicle sheet by name or kind</source>
        <translation>Ein Fahrzeugblatt nach Name oder Art finden</translation>
    </message>
    <message>
        <source>one you met before: name or kind</source>
        <translation>ein bekanntes: Name oder Art</translation>
    </message>
    <message>
        <source>A vehicle sheet from else&amp;where…</source>
        <translation>Fahrzeugblatt von a&amp;nderswo…</translation>
    </message>
    <message>
        <source>&amp;Open a plan…</source>
        <translation>Plan ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Open the &amp;demo plan</source>
        <translation>Be&amp;ispielplan öffnen</translation>
    </message>
    <message>
        <source>What came in?</source>
        <translation>Was ist hereingekommen?</translation>
    </message>
    <message>
        <source>Go on with</source>
        <translation>Weiter mit</translation>
    </message>
    <message>
        <source>and %1 more; type a word of the name</source>
        <translation>und %1 weitere; ein Wort des Namens eintippen</translation>
    </message>
    <message>
        <source>No vehicle sheet yet: a surveyed vehicle is saved as one from the Plan menu.</source>
        <translation>Noch kein Fahrzeugblatt: ein aufgenommenes Fahrzeug wird im Menü Plan als eins gesichert.</translation>
    </message>
    <message>
        <source>No sheet with that name.</source>
        <translation>Kein Blatt mit diesem Namen.</translation>
    </message>
    <message>
        <source>Pick it, and the first question comes. Nothing has to be filled in.</source>
        <translation>Wählen, und die erste Frage kommt. Nichts muss ausgefüllt werden.</translation>
    </message>
</context>
<context>
    <name>app::Station</name>
    <message numerus="yes">
        <source>%n finding(s)</source>
        <translation>
            <numerusform>%n Befund</numerusform>
            <numerusform>%n Befunde</numerusform>
        </translation>
    </message>
    <message>
        <source>no findings</source>
        <translation>keine Befunde</translation>
    </message>
</context>
<context>
    <name>app::Strip</name>
    <message>
        <source>›</source>
        <translation>›</translation>
    </message>
    <message>
        <source>Whose ears are listened with</source>
        <translation>Mit wessen Ohren gehört wird</translation>
    </message>
    <message>
        <source>The loudest clean level of each band at these ears, before and after</source>
        <translation>Der lauteste saubere Pegel jedes Bands an diesen Ohren, vorher und nachher</translation>
    </message>
    <message>
        <source>The next band</source>
        <translation>Das nächste Band</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>loudest clean level</source>
        <translation>lautester sauberer Pegel</translation>
    </message>
    <message>
        <source>&amp;Reach</source>
        <translation>&amp;Reichweite</translation>
    </message>
    <message>
        <source>&amp;Reach, %1</source>
        <translation>&amp;Reichweite, %1</translation>
    </message>
</context>
<context>
    <name>app::Template</name>
    <message>
        <source>UP</source>
        <translation>OBEN</translation>
    </message>
    <message>
        <source>One ring: drill %1, for the driver&apos;s screws.</source>
        <translation>Ein Ring: %1 bohren, für die Schrauben des Lautsprechers.</translation>
    </message>
    <message>
        <source>Two rings: drill %1 right through, one long screw for both.</source>
        <translation>Zwei Ringe: %1 ganz durchbohren, eine lange Schraube für beide.</translation>
    </message>
    <message>
        <source>Two rings: drill %1 right through, into the vehicle.</source>
        <translation>Zwei Ringe: %1 ganz durchbohren, ins Fahrzeug.</translation>
    </message>
    <message>
        <source>Cut free %1 underneath.</source>
        <translation>Unten freischneiden: %1.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>This face to you, UP at the mark; %1 thick, %2 outside, %3 inside, cable %4. Print at 100 %.</source>
        <translation>Diese Seite nach vorn, OBEN an die Marke; %1 dick, außen %2, innen %3, Kabel %4. Mit 100 % drucken.</translation>
    </message>
    <message>
        <source>100 mm: measure this first</source>
        <translation>100 mm: das zuerst nachmessen</translation>
    </message>
    <message>
        <source>left side of the vehicle</source>
        <translation>linke Seite des Fahrzeugs</translation>
    </message>
    <message>
        <source>right side of the vehicle</source>
        <translation>rechte Seite des Fahrzeugs</translation>
    </message>
</context>
<context>
    <name>app::TraceDrawer</name>
    <message>
        <source>Pull &amp;up</source>
        <translation>Hoch&amp;ziehen</translation>
    </message>
    <message>
        <source>&amp;Level</source>
        <translation>Pege&amp;l</translation>
    </message>
    <message>
        <source>Level at the ear with the source 10 dB under the voltage at which it clips</source>
        <translation>Pegel am Ohr mit der Quelle 10 dB unter der Spannung, bei der sie clippt</translation>
    </message>
    <message>
        <source>&amp;Matched</source>
        <translation>gleiche&amp;s Mittel</translation>
    </message>
    <message>
        <source>Before is shifted so that both have the same mean level in 250 Hz–4 kHz</source>
        <translation>Vorher ist verschoben, so dass beide in 250 Hz–4 kHz denselben mittleren Pegel haben</translation>
    </message>
    <message>
        <source>&amp;Impedance</source>
        <translation>&amp;Impedanz</translation>
    </message>
    <message>
        <source>What the channel of the chosen place sees</source>
        <translation>Was der Kanal des gewählten Platzes sieht</translation>
    </message>
    <message>
        <source>%1 k</source>
        <translation>%1 k</translation>
    </message>
    <message>
        <source>left ear hears from here</source>
        <translation>linkes Ohr hört von hier</translation>
    </message>
    <message>
        <source>right ear hears from here</source>
        <translation>rechtes Ohr hört von hier</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>Sho&amp;w the curves</source>
        <translation>Kur&amp;ven zeigen</translation>
    </message>
    <message>
        <source>&amp;Fold</source>
        <translation>Zu&amp;klappen</translation>
    </message>
    <message>
        <source>No speaker at this place</source>
        <translation>Kein Lautsprecher an diesem Platz</translation>
    </message>
    <message>
        <source>Nobody listens in this plan</source>
        <translation>In diesem Plan hört keiner zu</translation>
    </message>
    <message>
        <source>What the source sees, %1</source>
        <translation>Was die Quelle sieht, %1</translation>
    </message>
    <message>
        <source>At the %1</source>
        <translation>Am %1</translation>
    </message>
    <message>
        <source>magnitude of the load</source>
        <translation>Betrag der Last</translation>
    </message>
    <message>
        <source>an estimate, in third octaves; room modes not modelled</source>
        <translation>geschätzt, in Terzen; ohne Raummoden</translation>
    </message>
    <message>
        <source>an estimate, in third octaves; open vehicle</source>
        <translation>geschätzt, in Terzen; offenes Fahrzeug</translation>
    </message>
    <message>
        <source>Distance, direction, covers, mirrors of a few surfaces and, in a closed cabin, its rise in the bass (±4 dB). Up to 400 Hz room modes can change it by 6 dB either way. The tint is what those and the values that nobody measured could do. Only a measurement at the seat knows.</source>
        <translation>Abstand, Richtung, Abdeckungen, Spiegelung an wenigen Flächen und, in einem geschlossenen Innenraum, dessen Anstieg im Bass (±4 dB). Bis 400 Hz können Raummoden es um 6 dB in beide Richtungen ändern. Der Schleier ist, was diese und die nicht gemessenen Werte ausmachen könnten. Nur eine Messung am Sitz weiß es.</translation>
    </message>
    <message>
        <source>an estimate, in third octaves; other seats thin</source>
        <translation>eine Schätzung, in Terzen; andere Plätze dünn</translation>
    </message>
</context>
<context>
    <name>app::TrialDialog</name>
    <message>
        <source>&amp;Keep it</source>
        <translation>&amp;Übernehmen</translation>
    </message>
    <message>
        <source>As it &amp;was</source>
        <translation>Wie &amp;vorher</translation>
    </message>
</context>
<context>
    <name>app::ValuePicker</name>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>%1, the value before</source>
        <translation>%1, der Wert davor</translation>
    </message>
    <message>
        <source>%1, the value after</source>
        <translation>%1, der Wert danach</translation>
    </message>
</context>
<context>
    <name>app::VehicleDrawing</name>
    <message>
        <source>Drawing of the vehicle</source>
        <translation>Zeichnung des Fahrzeugs</translation>
    </message>
</context>
<context>
    <name>app::Verdict</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>to confirm</source>
        <translation>zu bestätigen</translation>
    </message>
</context>
<context>
    <name>app::WaitingLine</name>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Given up; what stands here is older.</source>
        <translation>Aufgegeben; was hier steht, ist älter.</translation>
    </message>
    <message>
        <source>Working it out</source>
        <translation>Rechnet</translation>
    </message>
</context>
<context>
    <name>app::WalkCard</name>
    <message>
        <source>vehicle</source>
        <translation>Fahrzeug</translation>
    </message>
    <message>
        <source>The vehicle alone; Z on it comes back</source>
        <translation>Das Fahrzeug allein; Z darauf kommt zurück</translation>
    </message>
    <message>
        <source>factory</source>
        <translation>ab Werk</translation>
    </message>
    <message>
        <source>As the factory made it; goes onto the vehicle sheet</source>
        <translation>Wie die Fabrik es gebaut hat; kommt auf das Fahrzeugblatt</translation>
    </message>
    <message>
        <source>as found</source>
        <translation>wie gefunden</translation>
    </message>
    <message>
        <source>Changed on this vehicle, as found here, over what the factory made</source>
        <translation>An diesem Fahrzeug verändert, wie hier vorgefunden, über dem, was die Fabrik gebaut hat</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>Added or changed by this job: before stays as it was found</source>
        <translation>Von diesem Auftrag hinzugefügt oder geändert: vorher bleibt, wie es gefunden wurde</translation>
    </message>
    <message>
        <source>vehi&amp;cle</source>
        <translation>&amp;Fahrzeug</translation>
    </message>
    <message>
        <source>custo&amp;mer</source>
        <translation>Kun&amp;de</translation>
    </message>
    <message>
        <source>what pla&amp;ys</source>
        <translation>was &amp;spielt</translation>
    </message>
    <message>
        <source>every&amp;thing</source>
        <translation>all&amp;es</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>no places</source>
        <translation>keine Plätze</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>%n Platz</numerusform>
            <numerusform>%n Plätze</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::WalkView</name>
    <message>
        <source>Walk-round</source>
        <translation>Rundgang</translation>
    </message>
    <message>
        <source>&amp;Walk-round</source>
        <translation>R&amp;undgang</translation>
    </message>
    <message>
        <source>On the drawing: Tab and arrows choose, Enter adds what is offered or takes hold, arrows move, Shift finely, Ctrl up and down, Enter puts down, Esc returns it; N new place, Delete removes, Space opens its questions, V both sides, Z the vehicle alone.</source>
        <translation>Auf der Zeichnung: Tab und Pfeile wählen, Eingabe legt das Angebotene an oder fasst zu, Pfeile schieben, Umschalt fein, Strg hoch und tief, Eingabe setzt ab, Esc bringt es zurück; N neuer Platz, Entf entfernt, Leertaste öffnet seine Fragen, V beide Seiten, Z das Fahrzeug allein.</translation>
    </message>
    <message>
        <source>sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>The vehicle from both sides too (V)</source>
        <translation>Das Fahrzeug auch von beiden Seiten (V)</translation>
    </message>
    <message>
        <source>Back to the question (Z)</source>
        <translation>Zurück zur Frage (Z)</translation>
    </message>
    <message>
        <source>nothing noted yet</source>
        <translation>noch nichts notiert</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>%n Platz</numerusform>
            <numerusform>%n Plätze</numerusform>
        </translation>
    </message>
    <message>
        <source>The vehicle</source>
        <translation>Das Fahrzeug</translation>
    </message>
    <message>
        <source>The customer</source>
        <translation>Der Kunde</translation>
    </message>
    <message>
        <source>Sources</source>
        <translation>Quellen</translation>
    </message>
    <message>
        <source>What is where</source>
        <translation>Was wo ist</translation>
    </message>
    <message>
        <source>A new place</source>
        <translation>Ein neuer Platz</translation>
    </message>
    <message>
        <source>Removed: %1. Ctrl+Z brings back what went.</source>
        <translation>Entfernt: %1. Strg+Z holt zurück, was ging.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
</context>
<context>
    <name>app::WayInEditor</name>
    <message>
        <source>2 hidden screws T20 behind the handle cup</source>
        <translation>2 verdeckte Schrauben T20 hinter der Griffmulde</translation>
    </message>
    <message>
        <source>a film behind it keeps the water out</source>
        <translation>eine Folie dahinter hält das Wasser ab</translation>
    </message>
    <message>
        <source>Take this panel off the list</source>
        <translation>Diese Verkleidung von der Liste nehmen</translation>
    </message>
    <message>
        <source>4 screws T25</source>
        <translation>4 Schrauben T25</translation>
    </message>
    <message>
        <source>door card</source>
        <translation>Türverkleidung</translation>
    </message>
    <message>
        <source>A panel that has to come off; Enter adds it</source>
        <translation>Eine Verkleidung, die ab muss; Eingabe fügt sie hinzu</translation>
    </message>
    <message>
        <source>A panel that is on another way in too</source>
        <translation>Eine Verkleidung, die auch auf einem anderen Weg liegt</translation>
    </message>
    <message>
        <source>the yellow plug under the switch stays on</source>
        <translation>der gelbe Stecker unter dem Schalter bleibt dran</translation>
    </message>
    <message>
        <source>What must not be pulled or unplugged there</source>
        <translation>Was dort nicht gezogen oder abgesteckt werden darf</translation>
    </message>
    <message>
        <source>window switch plug, lock cable</source>
        <translation>Stecker vom Fensterschalter, Schlosszug</translation>
    </message>
    <message>
        <source>What hangs on it and is undone: plugs, cables, rods</source>
        <translation>Was daran hängt und gelöst wird: Stecker, Züge, Stangen</translation>
    </message>
    <message>
        <source>the warning label on its edge</source>
        <translation>der Warnaufkleber an der Kante</translation>
    </message>
    <message>
        <source>What is stuck on it and has to be there again afterwards</source>
        <translation>Was darauf klebt und nachher wieder da sein muss</translation>
    </message>
    <message>
        <source>Hangs on it:</source>
        <translation>Daran hängt:</translation>
    </message>
    <message>
        <source>Leave alone:</source>
        <translation>Nicht anrühren:</translation>
    </message>
    <message>
        <source>To be there again:</source>
        <translation>Wieder da sein muss:</translation>
    </message>
    <message>
        <source>Holds the old speaker:</source>
        <translation>Hält den alten Lautsprecher:</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message numerus="yes">
        <source>%n entry(s)</source>
        <translation>
            <numerusform>%n Eintrag</numerusform>
            <numerusform>%n Einträge</numerusform>
        </translation>
    </message>
    <message>
        <source>or one that is known already</source>
        <translation>oder eine schon bekannte</translation>
    </message>
    <message>
        <source>not noted</source>
        <translation>nicht notiert</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message numerus="yes">
        <source>%n fastener(s)</source>
        <translation>
            <numerusform>%n Befestiger</numerusform>
            <numerusform>%n Befestiger</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::WeightsDialog</name>
    <message>
        <source>What counts for a spot</source>
        <translation>Was für eine Stelle zählt</translation>
    </message>
    <message>
        <source>little lost off the axis</source>
        <translation>wenig Verlust neben der Achse</translation>
    </message>
    <message>
        <source>evenness, no notches</source>
        <translation>Ebenheit, keine Kerben</translation>
    </message>
    <message>
        <source>image in the middle</source>
        <translation>Bild in der Mitte</translation>
    </message>
    <message>
        <source>width of the stage</source>
        <translation>Breite der Bühne</translation>
    </message>
    <message>
        <source>at eye level</source>
        <translation>auf Augenhöhe</translation>
    </message>
    <message>
        <source>nothing in the way</source>
        <translation>nichts im Weg</translation>
    </message>
    <message>
        <source>as usual</source>
        <translation>wie üblich</translation>
    </message>
    <message>
        <source>The points that each fault can take, by estimate.</source>
        <translation>Die Punkte, die jeder Fehler kosten kann, geschätzt.</translation>
    </message>
</context>
<context>
    <name>app::YardVehicle</name>
    <message>
        <source>New job: %1</source>
        <translation>Neuer Auftrag: %1</translation>
    </message>
</context>
<context>
    <name>card::HoleTemplate</name>
    <message>
        <source>left side of the vehicle, from the seats</source>
        <translation>linke Seite des Fahrzeugs, von den Sitzen</translation>
    </message>
    <message>
        <source>right side of the vehicle, from the seats</source>
        <translation>rechte Seite des Fahrzeugs, von den Sitzen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Hole %1 by saw</source>
        <translation>Loch %1 mit der Säge</translation>
    </message>
    <message>
        <source>Hole %1 by this template</source>
        <translation>Loch %1 nach dieser Schablone</translation>
    </message>
    <message>
        <source>%1, flange %2, body %3. Print at 100 %.</source>
        <translation>%1, Flansch %2, Korb %3. Mit 100 % drucken.</translation>
    </message>
    <message>
        <source>%1 %2; %3 %4.</source>
        <translation>%1 %2; %3 %4.</translation>
    </message>
    <message>
        <source>It rests on usual sizes: hold it on the vehicle and on the speaker before you cut.</source>
        <translation>Sie beruht auf üblichen Maßen: vor dem Schneiden an das Fahrzeug und an den Lautsprecher halten.</translation>
    </message>
    <message>
        <source>100 mm: measure this first</source>
        <translation>100 mm: das zuerst nachmessen</translation>
    </message>
    <message>
        <source>UP</source>
        <translation>OBEN</translation>
    </message>
    <message>
        <source>AHEAD</source>
        <translation>VORN</translation>
    </message>
</context>
</TS>

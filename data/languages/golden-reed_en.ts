<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en">
<context>
    <name>Words</name>
    <message numerus="yes">
        <source>%n panel(s) to come off with no fastener counted.</source>
        <translation>
            <numerusform>%n panel to come off with no fastener counted.</numerusform>
            <numerusform>%n panels to come off with no fastener counted.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %n part(s) taken in, %2 of them new.</source>
        <translation>
            <numerusform>%1: %n part taken in, %2 of them new.</numerusform>
            <numerusform>%1: %n parts taken in, %2 of them new.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %n line(s) taken in.</source>
        <translation>
            <numerusform>%1: %n line taken in.</numerusform>
            <numerusform>%1: %n lines taken in.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) left out:</source>
        <translation>
            <numerusform>%n line left out:</numerusform>
            <numerusform>%n lines left out:</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sheet(s)</source>
        <translation>
            <numerusform>%n sheet</numerusform>
            <numerusform>%n sheets</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n channel(s) not as written: settle that before anything is ordered.</source>
        <translation>
            <numerusform>%n channel not as written: settle that before anything is ordered.</numerusform>
            <numerusform>%n channels not as written: settle that before anything is ordered.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n channel(s) to read before anything is ordered.</source>
        <translation>
            <numerusform>%n channel to read before anything is ordered.</numerusform>
            <numerusform>%n channels to read before anything is ordered.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n entry(s) not complete</source>
        <translation>
            <numerusform>%n entry not complete</numerusform>
            <numerusform>%n entries not complete</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wire(s) hanging loose</source>
        <translation>
            <numerusform>%n wire hanging loose</numerusform>
            <numerusform>%n wires hanging loose</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n part</numerusform>
            <numerusform>%n parts</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::AskForm</name>
    <message numerus="yes">
        <source>%n difference(s)</source>
        <translation>
            <numerusform>%n difference</numerusform>
            <numerusform>%n differences</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::ChannelCard</name>
    <message numerus="yes">
        <source>%n band(s)</source>
        <translation>
            <numerusform>%n band</numerusform>
            <numerusform>%n bands</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::Drawing</name>
    <message numerus="yes">
        <source>%n channel(s)</source>
        <translation>
            <numerusform>%n channel</numerusform>
            <numerusform>%n channels</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::HabitList</name>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n more</numerusform>
            <numerusform>%n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::JobCardView</name>
    <message numerus="yes">
        <source>%n step(s)</source>
        <translation>
            <numerusform>%n step</numerusform>
            <numerusform>%n steps</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::MainWindow</name>
    <message numerus="yes">
        <source>%n line(s) of the shop&apos;s shelf cannot be read and stay in the file. The first: %1.</source>
        <translation>
            <numerusform>%n line of the shop&apos;s shelf cannot be read and stays in the file: %1.</numerusform>
            <numerusform>%n lines of the shop&apos;s shelf cannot be read and stay in the file. The first: %1.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::MatchView</name>
    <message numerus="yes">
        <source>%n Stop(s)</source>
        <translation>
            <numerusform>%n Stop</numerusform>
            <numerusform>%n Stops</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::SplitAnswers</name>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n part</numerusform>
            <numerusform>%n parts</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::Station</name>
    <message numerus="yes">
        <source>%n finding(s)</source>
        <translation>
            <numerusform>%n finding</numerusform>
            <numerusform>%n findings</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::WalkCard</name>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>%n place</numerusform>
            <numerusform>%n places</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::WalkView</name>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>%n place</numerusform>
            <numerusform>%n places</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::WayInEditor</name>
    <message numerus="yes">
        <source>%n entry(s)</source>
        <translation>
            <numerusform>%n entry</numerusform>
            <numerusform>%n entries</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n fastener(s)</source>
        <translation>
            <numerusform>%n fastener</numerusform>
            <numerusform>%n fasteners</numerusform>
        </translation>
    </message>
</context>
</TS>

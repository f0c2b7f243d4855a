#!/usr/bin/python3
"""Every active filter by scipy.signal, as CSV on standard output: the test runs this and compares.

model,inputs,frequency_hz,re,im — model and inputs as `calc` takes them. scipy (BSD licence, from Debian) is the second route: its own
Butterworth and Bessel designs, its own bilinear transform, its own frequency responses. Bessel: norm='mag', -3.0103 dB at the corner.
"""
import math

import numpy as np
from scipy import signal

CORNERS = (35.0, 80.0, 1234.5, 6000.0)
RATES = (None, 44100.0, 48000.0, 96000.0)


def grid(rate):
    return np.geomspace(20, 20000 if rate is None else min(20000, 0.49 * rate), 40)


def emit(model, inputs, f, h):
    for one, value in zip(f, h):
        print(f"{model},{inputs},{one:.17g},{value.real:.17g},{value.imag:.17g}")


def response(sos_or_ba, f, rate, sos):
    if sos:
        return signal.sosfreqz(sos_or_ba, f, fs=rate)[1]
    b, a = sos_or_ba
    return signal.freqs(b, a, 2 * np.pi * f)[1] if rate is None else signal.freqz(b, a, f, fs=rate)[1]


def prototype(family, order, side, corner, rate):
    """Zeros, poles and gain: analogue products are formed factor by factor, which keeps all digits."""
    kind = "lowpass" if side == "lowPass" else "highpass"
    wn = 2 * np.pi * corner if rate is None else corner
    options = {"analog": rate is None, "output": "zpk"}
    if rate is not None:
        options["fs"] = rate
    if family == "bessel":
        return signal.bessel(order, wn, kind, norm="mag", **options)
    if family == "linkwitzRiley":
        z, p, k = signal.butter(order // 2, wn, kind, **options)
        return np.concatenate([z, z]), np.concatenate([p, p]), k * k
    return signal.butter(order, wn, kind, **options)


def zpk_response(zpk, f, rate):
    z, p, k = zpk
    s = 2j * np.pi * f if rate is None else np.exp(2j * np.pi * f / rate)
    h = np.full(len(f), k, dtype=complex)
    for pole in p:
        h = h / (s - pole)
    for zero in z:
        h = h * (s - zero)
    return h


for family, orders in (("butterworth", (1, 2, 3, 4, 6, 8)), ("linkwitzRiley", (2, 4, 8)), ("bessel", (2, 3, 4))):
    for order in orders:
        for side in ("lowPass", "highPass"):
            for corner in CORNERS:
                for rate in RATES:
                    f = grid(rate)
                    h = zpk_response(prototype(family, order, side, corner, rate), f, rate)
                    inputs = f"family={family} order={order} side={side} corner_hz={corner}"
                    emit("filter", inputs + (f" sampleRate_hz={rate}" if rate else ""), f, h)


def band(kind, q, gain):
    """Analogue polynomials with the corner at 1 rad/s (Bristow-Johnson, Cookbook formulae for audio EQ biquad filter coefficients)."""
    a = 10 ** (gain / 40)
    r = math.sqrt(a)
    return {
        "peak": ([1, a / q, 1], [1, 1 / (a * q), 1]),
        "lowShelf": ([a, a * r / q, a * a], [a, r / q, 1]),
        "highShelf": ([a * a, a * r / q, a], [1, r / q, a]),
        "allPass1": ([-1, 1], [1, 1]),
        "allPass2": ([1, -1 / q, 1], [1, 1 / q, 1]),
    }[kind]


for kind in ("peak", "lowShelf", "highShelf", "allPass1", "allPass2"):
    for q in (0.3, 0.7071, 4.0):
        for gain in (-12.0, 4.5):
            for corner in CORNERS:
                for rate in RATES:
                    f = grid(rate)
                    b, a = band(kind, q, gain)
                    if rate is None:
                        h = signal.freqs(b, a, f / corner)[1]
                    else:
                        # The corner goes to 1 rad/s of the prototype: prewarped, scipy's own transform.
                        bz, az = signal.bilinear(b, a, fs=0.5 / math.tan(math.pi * corner / rate))
                        h = signal.freqz(bz, az, f, fs=rate)[1]
                    inputs = f"kind={kind} q={q} gain_db={gain} corner_hz={corner}"
                    emit("equaliser-band", inputs + (f" sampleRate_hz={rate}" if rate else ""), f, h)

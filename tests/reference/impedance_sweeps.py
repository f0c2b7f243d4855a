#!/usr/bin/python3
"""Rows of calc_sweeps.csv: impedance sweeps made from known parameters, to be recovered by the fit.

An independent second route: complex arithmetic straight from the equivalent circuit (R. H. Small, J. Audio Eng. Soc. 20, 1972),
in plain Python; the noise is Gaussian from Python's own generator with a fixed seed.
"""
import cmath
import math
import random

HEAD = """# As calc_electrical.csv; written by impedance_sweeps.py: sweeps computed from known parameters (Small 1972), to be recovered within 1e-3, with 1 % of
# noise within 3 %.
model,inputs,output,value,source"""


def impedance(f, fs, re, qms, qes, le, k=0.0, n=1.0):
    w, ws = 2 * math.pi * f, 2 * math.pi * fs
    res, cmes, lces = re * qms / qes, qes / (ws * re), re / (ws * qes)
    coil = k * (1j * w) ** n if k else 1j * w * le
    return re + coil + 1 / (1 / res + 1j * w * cmes + 1 / (1j * w * lces))


def row(zs, fs, extra, checks):
    values = " ".join([
        "frequency_hz=[" + ";".join(f"{f:.8g}" for f in fs) + "]",
        "magnitude_ohm=[" + ";".join(f"{abs(z):.9g}" for z in zs) + "]",
    ] + extra(zs))
    return [f"impedance-fit,{values},{output},{value},{source}" for output, value, source in checks]


def with_phase(zs):
    return ["phase_deg=[" + ";".join(f"{math.degrees(cmath.phase(z)):.8g}" for z in zs) + "]", "re_ohm=3.3"]


def without_phase(_):
    return ["re_ohm=3.3"]


grid = [20 * 10 ** (i / 20) for i in range(37)]
woofer = [impedance(f, 62, 3.3, 5, 0.55, 0.4e-3) for f in grid]
semi = [impedance(f, 62, 3.3, 5, 0.55, 0, 0.02, 0.7) for f in grid]
random.seed(20)
fine = [20 * 10 ** (i / 60) for i in range(108)]
noisy = [impedance(f, 62, 3.3, 5, 0.55, 0.4e-3) * (1 + 0.01 * random.gauss(0, 1)) for f in fine]
flat = [3.3 + 0.001j * f for f in grid]
double = [impedance(f, 30, 3.3, 5, 0.55, 0.4e-3) + impedance(f, 90, 3.3, 5, 0.55, 0) - 3.3 for f in grid]

exact = [("fs_hz", "62~1e-3"), ("re_ohm", "3.3~1e-3"), ("qms", "5~1e-3"), ("qes", "0.55~1e-3"), ("le_h", "0.4e-3~1e-3")]
rows = row(woofer, grid, with_phase, [(o, v, "Small") for o, v in exact])
rows += row(woofer, grid, without_phase, [(o, v, "Small: magnitude alone") for o, v in exact])
rows += row(semi, grid, lambda zs: with_phase(zs) + ["coil=semiInductance"], [
    ("k_ohm_sn", "0.02~1e-3", "Wright"), ("exponent", "0.7~1e-3", "Wright"), ("qes", "0.55~1e-3", "Small")])
rows += row(noisy, fine, with_phase, [
    ("fs_hz", "62~0.03", "Small: 1 % noise"), ("qms", "5~0.03", "Small: 1 % noise"), ("qes", "0.55~0.03", "Small: 1 % noise"),
    ("re_ohm", "3.3~0.03", "Small: 1 % noise")])
rows += row(flat, grid, without_phase, [("error", "NoResonance:magnitude_ohm", "definition")])
rows += row(double, grid, without_phase, [("error", "MultipleResonances:magnitude_ohm", "definition")])
rows += ["impedance-fit,frequency_hz=[20;30] magnitude_ohm=[5;6] re_ohm=3.3,error,Underdetermined:frequency_hz,definition",
         "impedance-fit,frequency_hz=[30;20] magnitude_ohm=[5;6] re_ohm=3.3,error,OutOfDomain:frequency_hz,definition"]
print(HEAD)
print("\n".join(rows))

#!/usr/bin/python3
"""numpy's batched solve of one netlist (R, L, C and one V source, plain scale letters u and m) at the 481 points of the grid.

Prints the least seconds of one numpy.linalg.solve over all frequencies (the matrices are made beforehand, which favours numpy),
then the node voltages, a line a node: name, then re and im for each frequency.
"""
import sys
import time

import numpy as np

SCALE = {"u": 1e-6, "m": 1e-3}


def number(text):
    return float(text[:-1]) * SCALE[text[-1]] if text[-1] in SCALE else float(text)


nodes, parts = {"0": 0}, []
with open(sys.argv[1], encoding="ascii") as file:
    for line in file.readlines()[1:]:
        fields = line.split()
        if not fields or fields[0].startswith("."):
            continue
        a, b = (nodes.setdefault(name, len(nodes)) for name in fields[1:3])
        parts.append((fields[0][0], a, b, 1.0 if fields[3] == "AC" else number(fields[3])))

f = 20 * 10 ** (np.arange(481) / 160)
w = 2j * np.pi * f
size = len(nodes)  # voltages without ground, and the source's current
y = np.zeros((481, size, size), complex)
right = np.zeros((481, size, 1), complex)
for kind, a, b, value in parts:
    if kind == "V":
        y[:, a - 1, size - 1] = y[:, size - 1, a - 1] = 1
        right[:, size - 1, 0] = value
        continue
    admittance = {"R": 1 / value + 0 * w, "C": w * value, "L": 1 / (w * value)}[kind]
    for i, j, sign in ((a, a, 1), (b, b, 1), (a, b, -1), (b, a, -1)):
        if i and j:
            y[:, i - 1, j - 1] += sign * admittance

best = 1.0
for _ in range(300):
    start = time.perf_counter()
    x = np.linalg.solve(y, right)
    best = min(best, time.perf_counter() - start)
print(f"{best:.9g}")
for name, index in nodes.items():
    if index:
        print(name, " ".join(f"{v.real:.17g} {v.imag:.17g}" for v in x[:, index - 1, 0]))

"""The year of bench:model by scipy's LSODA: the same equations, restarted at every lever. Prints milliseconds.

Only for a comparison of speed; what is right is held by the files beside it.
"""
import math
import time

from scipy.integrate import solve_ivp

V, M = 300.0, 30.0
FN, FP = 4.426644, 3.066136
F = (1000 * 0.92 * 0.48 / 6.25, 1000 * 0.92 * 0.013)
PART, EXCR, LEACH = (0.43, 0.55), (0.37, 0.20), (0.05, 0.05)
KK, KD, KM, S = 0.15, 0.10, 0.30, 0.30
Q, KS = 24 * 6.0, 20.0
C = 0.85 * Q / (0.85 * Q + KS)
GRAMS, FLOW = 100.0, 24 * V
T = 2.0 * GRAMS
ALPHA = FLOW * (1 - math.exp(-T / FLOW))


def rates(t, y, charged):
    kn, kp, dn, dp, on, op, i_n, i_p, rock, load = y
    cn, cp = max(0.0, FN * i_n / V), max(0.0, FP * i_p / V)
    un = 0.2 / FN * V * cn / (cn + 0.5)
    up = 0.02 / FP * V * cp / (cp + 0.02)
    gas = 0.3 * M * cn / (cn + 5)
    dr = 0.02 * (10 * M * cp * (cp + 0.005) ** -0.5 - rock)
    w = 0.0
    if charged:
        a = ALPHA * cp
        b = 0.3 * (GRAMS * 12 * 6 * cp / (1 + 6 * cp) - load)
        w = a * b / math.hypot(a, b) if a or b else 0.0
    return [
        C * PART[0] * F[0] - KK * kn, C * PART[1] * F[1] - KK * kp,
        (1 - C) * PART[0] * F[0] - KD * dn, (1 - C) * PART[1] * F[1] - KD * dp,
        LEACH[0] * F[0] + KK * kn + KD * dn - (KM + S) * on, LEACH[1] * F[1] + KK * kp + KD * dp - (KM + S) * op,
        EXCR[0] * F[0] + KM * on - un - gas, EXCR[1] * F[1] + KM * op - up - dr - w / FP,
        dr, w,
    ]


def year():
    rest = [(1 - C) * PART[x] * F[x] / KD for x in (0, 1)]
    y = [0, 0, *rest, *[(KD * rest[x] + LEACH[x] * F[x]) / (KM + S) for x in (0, 1)],
         8 * V / FN, 0.1 * V / FP, 10 * M * 0.1 * 0.105 ** -0.5, 0]
    stops = sorted({20.0, 365.0, *[d for w in range(1, 53) for d in (7.0 * w, 7.0 * w + 0.1)]})
    t = 0.0
    for stop in [s for s in stops if s <= 365]:
        y = list(solve_ivp(rates, (t, stop), y, method='LSODA', rtol=1e-6, atol=1e-8, args=(t >= 20,)).y[:, -1])
        t = stop
        if abs(t - 7 * round(t / 7)) < 1e-9:
            y[0] = y[1] = 0.0
        elif t != 20:
            y[4:8] = [0.9 * one for one in y[4:8]]
    return y


year()
begin = time.perf_counter()
for _ in range(5):
    year()
print((time.perf_counter() - begin) / 5 * 1000)

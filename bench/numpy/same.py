"""The fit, the solve and the draws of the model again, with numpy and scipy: reads a problem as JSON, prints figures as JSON.

Shares no code with the program; what both find is compared by ./notch bench speed.
"""

import json
import sys
import time

import numpy as np
from scipy.linalg import cho_factor, cho_solve, solve_triangular

problem = json.load(sys.stdin)
count = len(problem["mean"])
mean, precision = np.array(problem["mean"]), np.array(problem["precision"])
cells = problem["cells"]
rows = len(cells)
design = np.zeros((2, rows, count))
for i, cell in enumerate(cells):
    for side in (0, 1):
        for which, factor in cell["terms"][side]:
            design[side, i, which] += factor
offset = np.array([[c["offsets"][side] for c in cells] for side in (0, 1)])
counts = np.array([[c["mine"], c["theirs"]] for c in cells]).T
total = counts.sum(axis=0) + np.array([c["stays"] for c in cells])


def chances(at):
    odds = np.exp(offset + design @ at)
    return odds / (1 + odds.sum(axis=0))


def log_posterior(at):
    eta = offset + design @ at
    return (
        (counts * eta).sum()
        - (total * np.log1p(np.exp(eta).sum(axis=0))).sum()
        - 0.5 * (precision * (at - mean) ** 2).sum()
    )


def fit():
    at = mean.copy()
    for _ in range(60):
        p = chances(at)
        gradient = sum(design[s].T @ (counts[s] - total * p[s]) for s in (0, 1)) - precision * (at - mean)
        curvature = np.diag(precision)
        for s in (0, 1):
            for t in (0, 1):
                weight = total * ((p[s] if s == t else 0) - p[s] * p[t])
                curvature = curvature + design[s].T @ (weight[:, None] * design[t])
        factor = cho_factor(curvature, lower=True)
        step = cho_solve(factor, gradient)
        if gradient @ step < 1e-10:
            return at, factor
        share = 1.0
        while log_posterior(at + share * step) < log_posterior(at) and share > 1e-6:
            share /= 2
        at = at + share * step
    return at, factor


exit_from, exit_to, exit_by = (np.array(problem["exits"][k]) for k in ("from", "to", "by"))
rewards, start, ends = np.array(problem["rewards"]), np.array(problem["start"]), problem["ends"]
places = len(start)
taps = exit_to < 0
candidates = [(c["place"], np.array(c["exits"]), c["odds"]) for c in problem["candidates"]]


def solve(chance):
    goes_on = 1 - ends
    moves = np.zeros((places, places))
    np.add.at(moves, (exit_from[~taps], exit_to[~taps]), chance[~taps])
    moves += np.bincount(exit_from[taps], chance[taps], places)[:, None] * start
    moves[np.arange(places), np.arange(places)] += 1 - np.bincount(exit_from, chance, places)
    fundamental = np.linalg.inv(np.eye(places) - goes_on * moves)
    values = fundamental @ np.bincount(exit_from, chance * rewards, places)
    visits = start @ fundamental
    per_roll = start @ values
    onward = rewards + goes_on * np.where(taps, per_roll, values[exit_to])
    gains = np.zeros(len(candidates))
    for i, (place, exits, odds) in enumerate(candidates):
        rate = chance[exits].sum()
        if not 0 < rate < 1:
            continue
        reach = np.where(taps[exits], visits[place], fundamental[exit_to[exits], place])
        worth, toward = chance[exits] @ onward[exits], goes_on * (chance[exits] @ reach)
        difference = worth / rate - (values[place] - worth) / (1 - rate)
        drift = toward / rate - (fundamental[place, place] - 1 - toward) / (1 - rate)
        moved = odds * rate / (1 - rate + odds * rate) - rate
        gains[i] = visits[place] * moved * difference / (1 - moved * drift)
    return per_roll, gains


at_place = np.array(problem["placeTerms"])  # side, place, number
versus = np.array(problem["settingTerms"])  # side, setting, number
book, mix = np.array(problem["bookOdds"]), np.array(problem["mix"])
alpha = np.array(problem["alpha"])
side = 2 * exit_from + exit_by


def draw(at, factor, random):
    numbers = at + solve_triangular(factor[0], random.standard_normal(count), lower=True, trans="T")
    shares = random.gamma(alpha)
    shares = shares / np.maximum(np.bincount(side, shares, 2 * places), 1e-300)[side]
    odds = np.exp(book + at_place @ numbers)[:, :, None] * np.exp(versus @ numbers)[:, None, :]
    lands = (odds / (1 + odds.sum(axis=0)) * mix).sum(axis=2)
    return solve(shares * lands[exit_by, exit_from])


def timed(work, times):
    taken = []
    for _ in range(times):
        begun = time.perf_counter()
        result = work()
        taken.append(1000 * (time.perf_counter() - begun))
    return result, sorted(taken)[times // 2]


(mode, precise), fit_ms = timed(fit, 5)
(value, found), solve_ms = timed(lambda: solve(np.array(problem["chances"])), 20)


def draws():
    random = np.random.default_rng(1)
    return [draw(mode, precise, random) for _ in range(200)]


_, draws_ms = timed(draws, 3)
print(
    json.dumps(
        {
            "fitMs": fit_ms,
            "solveMs": solve_ms,
            "drawsMs": draws_ms,
            "mode": mode.tolist(),
            "perRoll": float(value),
            "gains": found.tolist(),
        }
    )
)

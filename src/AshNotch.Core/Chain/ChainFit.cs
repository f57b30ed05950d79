using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>
/// The chain of a log: for each place the chance of each exit, from weighted counts and the book as a weak prior; where rolls start and
/// how likely each step is the last. Without adjustment for partners.
/// </summary>
/// <param name="Places">The places, vocabulary first, then the user's own.</param>
/// <param name="Start">Chance of each place to be the start of an exchange; sums to 1.</param>
/// <param name="Ends">Chance that a step is the last of the roll.</param>
public sealed record ChainFit(IReadOnlyList<FittedPlace> Places, IReadOnlyList<double> Start, double Ends)
{
    /// <summary>Fits the chain. The same walk gives the same fit to the last digit.</summary>
    /// <param name="walk">The steps.</param>
    /// <param name="book">The prior.</param>
    /// <param name="places">The places known before the log, in a fixed order.</param>
    public static ChainFit Of(Walk walk, Book book, IEnumerable<PlaceId> places)
    {
        var index = new Dictionary<PlaceId, int>();
        foreach (
            var place in places
                .Concat(walk.Steps.SelectMany(s => s.To is { } to ? (PlaceId[])[s.From, to] : [s.From]))
                .Concat(walk.Starts.Select(s => s.Place))
        )
        {
            index.TryAdd(place, index.Count);
        }

        var counts = index.Keys.Select(place => new Counts(place, book)).ToArray();
        foreach (var step in walk.Steps)
            counts[index[step.From]].Add(step);

        var start = new double[index.Count];
        foreach (var s in walk.Starts.Concat(Book.Starts))
            start[index[s.Place]] += s.Weight;
        var total = start.Sum();
        for (var i = 0; i < start.Length; i++)
            start[i] /= total;

        var told = walk.Steps.Select(s => s.Roll).Distinct().Count();
        var stepsPerRoll = (walk.Steps.Count + Book.Length.Steps * Book.Length.Rolls) / (told + Book.Length.Rolls);
        return new ChainFit([.. counts.Select(c => c.Fit(index))], start, 1 / Math.Max(1, stepsPerRoll));
    }

    private sealed class Counts(PlaceId place, Book book)
    {
        private readonly Dictionary<ExitKey, double> exits = [];
        private double mine,
            theirs,
            all;
        private int seen;

        public void Add(Step step)
        {
            seen++;
            all += step.Weight;
            if (step.Result == StepResult.Stays)
                return;
            if (step.By == Who.Me)
                mine += step.Weight;
            else
                theirs += step.Weight;
            if (step.Result == StepResult.Lands && step.To is null)
                return;
            var key = new ExitKey(step.By, step.Move, step.To);
            exits[key] = exits.GetValueOrDefault(key) + step.Weight;
        }

        public FittedPlace Fit(Dictionary<PlaceId, int> index)
        {
            var fitted = new List<FittedExit>();
            foreach (var by in (Who[])[Who.Me, Who.Partner])
            {
                var landed = by == Who.Me ? mine : theirs;
                var lands = (landed + Book.Weight * book.Lands(place, by)) / (all + Book.Weight);
                var shares = new Dictionary<ExitKey, double>();
                foreach (var (key, share) in book.Exits(place))
                    if (key.By == by)
                        shares[key] = Book.Weight * share;
                foreach (var (key, weight) in exits)
                    if (key.By == by)
                        shares[key] = shares.GetValueOrDefault(key) + weight;
                var sum = shares.Values.Sum();
                foreach (var (key, share) in shares)
                {
                    fitted.Add(new FittedExit(key, key.To is null ? -1 : index[key.To.Value], lands * share / sum));
                }
            }
            return new FittedPlace(place, fitted, seen);
        }
    }
}

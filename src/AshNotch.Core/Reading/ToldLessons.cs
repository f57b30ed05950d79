using AshNotch.Core.Reading.Headed;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>Puts the lines that stand under a heading where they belong: to the notch they are about, to the roll, to the day.</summary>
internal static class ToldLessons
{
    /// <summary>The reading with what is to be remembered.</summary>
    public static RollRead In(RollRead read, IReadOnlyList<Remembered> lines)
    {
        if (lines.Count == 0)
            return read;
        var exchanges = read.Exchanges.ToList();
        var takeaways = read.Takeaways.ToList();
        foreach (var line in lines)
        {
            var about = About(exchanges, line);
            if (line.Line.Kind == HeadedKind.Advice && about is { } notch)
                exchanges[notch.Exchange] = Advised(exchanges[notch.Exchange], notch.Notch, new Advice(line.Line.Text, line.Line.By));
            else if (line.Line.Kind is HeadedKind.Takeaway or HeadedKind.Advice)
                takeaways.Add(new Takeaway(Said(line.Line), about?.Exchange, about?.Notch));
        }
        var mission = lines.FirstOrDefault(l => l.Line.Kind == HeadedKind.Mission)?.Line;
        var checks = lines
            .Where(l => l.Line.Kind == HeadedKind.Checks)
            .SelectMany(l => l.Line.Text.Split(',', StringSplitOptions.TrimEntries));
        return read with
        {
            Exchanges = exchanges,
            Takeaways = takeaways,
            Missed = [.. read.Missed, .. Of(HeadedKind.Missed).Select(l => new MissedChance(l.Line.Text, l.From, l.Move))],
            Taught = [.. Of(HeadedKind.Taught).Select(l => new Taught(l.Line.Text, l.From, l.Move, l.Line.By))],
            Mission = mission is null
                ? null
                : new Mission(
                    mission.Text,
                    [.. checks.Where(c => c.Length > 0).Take(Limits.MostChecks).Select(c => new MissionCheck(c.TrimEnd('.'), null))]
                ),
            IsMissionFirst = mission is not null && (exchanges.Count == 0 || mission.Start < exchanges[0].Start),
        };

        IEnumerable<Remembered> Of(HeadedKind kind) => lines.Where(l => l.Line.Kind == kind);
    }

    // Without a notch to stand at, who said it stands in the words.
    private static string Said(HeadedLine line) =>
        line is { Kind: HeadedKind.Advice, By: not null } ? new Advice(line.Text, line.By).Quote() : line.Text;

    // The last notch told before it that is of the move or the place it names. Where it names none it is about the roll: what stands under a
    // heading stands at its end, and what came last there is seldom what is meant.
    private static (int Exchange, int Notch)? About(IReadOnlyList<ReadExchange> exchanges, Remembered line)
    {
        var told = new List<(int Exchange, int Notch, Notch Said)>();
        foreach (var (e, exchange) in exchanges.Index())
        foreach (var (n, notch) in exchange.Exchange.Notches.Index())
            if (notch.Span is not { } span || span.Start < line.Line.Start)
                told.Add((e, n, notch));
        var about = told.FindLastIndex(t => Names(line, t.Said));
        return about < 0 ? null : (told[about].Exchange, told[about].Notch);
    }

    private static bool Names(Remembered line, Notch notch) =>
        line.Move is { } move ? notch.Move == move : line.Position is { } position && position.Places.Any(p => p.Id == notch.From);

    private static ReadExchange Advised(ReadExchange exchange, int notch, Advice advice) =>
        exchange with
        {
            Exchange = exchange.Exchange with
            {
                Notches = [.. exchange.Exchange.Notches.Select((n, i) => i == notch ? n with { Advice = [.. n.Advice, advice] } : n)],
            },
        };
}

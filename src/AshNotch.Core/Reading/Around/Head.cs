using System.Globalization;
using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Around;

/// <summary>Hears what a telling says of the roll as a whole: belt, weight and size of the partner, how hard, how long, with what result.</summary>
/// <param name="words">The words.</param>
internal sealed class Head(IReadOnlyList<Word> words)
{
    private const int Opening = 25;

    private const double KgPerPound = 0.45359237;
    private const int LookBack = 8;

    // A dozen kilograms are two weight classes of most rule sets; what is more is felt as much.
    private const double MuchKg = 12;

    private readonly List<ToldFact> facts = [];

    /// <summary>What is said, each field once, in the order of the telling.</summary>
    public IReadOnlyList<ToldFact> Facts()
    {
        for (var i = 0; i < words.Count; i++)
        {
            HearBelt(i);
            HearNumber(i);
            HearDecision(i);
            foreach (var (row, form) in Wording.From(words[i].Text))
                if (Stands(form, i))
                    Add(row.Of, row.Value, Say(row.Of, row.Value), i, i + form.Length);
        }
        if (facts.Any(f => f.Of == HeadField.PartnerWeight))
            facts.RemoveAll(f => f.Of == HeadField.PartnerSize);
        return facts;
    }

    private static string Say(HeadField of, string value) =>
        of switch
        {
            HeadField.PartnerSize => value == "similar" ? "same size" : $"{value.Replace('-', ' ')} than you",
            HeadField.Intensity => $"{value} round",
            HeadField.PartnerIntensity => $"they went {value}",
            HeadField.FirstMeeting => "first roll together",
            HeadField.Kind => value == "match" ? "a match" : $"{value} round",
            _ => value,
        };

    private bool Stands(string[] form, int first)
    {
        if (first + form.Length > words.Count)
            return false;
        for (var i = 0; i < form.Length; i++)
            if (words[first + i].Text != form[i] || i > 0 && words[first + i].AfterPause)
                return false;
        return true;
    }

    private void Add(HeadField of, string value, string say, int first, int after)
    {
        if (!facts.Any(f => f.Of == of))
            facts.Add(new ToldFact(of, value, say, new Rolls.Span(words[first].Start, words[after - 1].End)));
    }

    private string At(int i) => i >= 0 && i < words.Count ? words[i].Text : "";

    // "My 84", "I am a blue belt", "me v S": of the teller.
    private bool IsMine(int first)
    {
        for (var i = first - 1; i >= Math.Max(0, first - LookBack) && !words[i + 1].AfterPause; i--)
            if (Grammar.Is("me-subject", words[i].Text) || Grammar.Is("me-owner", words[i].Text) || words[i].Text == "me")
                return true;
        return false;
    }

    // "A two stripe blue belt", "H brown 77kg", "K (purple, 80)".
    private void HearBelt(int i)
    {
        if (!Grammar.Is("belt", words[i].Text) || !Term.TryRead<Belt>(words[i].Text, out var belt) || IsMine(i))
            return;
        var next = At(i + 1);
        var isBelt =
            next is "belt"
            || Grammar.Is("person-noun", next)
            || i + 1 < words.Count && Numbers.At(words, i + 1) is { Value: > 39 }
            || words[i].Before.Contains('(') && (i + 1 == words.Count || words[i + 1].AfterPause || words[i + 1].Before.Contains(')'));
        if (!isBelt || At(i - 1) is "coach" or "every" or "another" || At(i + 1) == "belts")
            return;
        Add(HeadField.PartnerBelt, Term.Of(belt), $"{Term.Of(belt)} belt", i, next == "belt" ? i + 2 : i + 1);
        for (var k = Math.Max(0, i - 3); k < i; k++)
            if (At(k + 1) is "stripe" or "stripes" && Numbers.At(words, k) is { Value: >= 1 and <= 4 } stripes)
                Add(HeadField.PartnerStripes, Written(stripes.Value), $"{Written(stripes.Value)} stripes", k, k + 2);
        if (
            i + 1 < words.Count
            && Numbers.At(words, i + 1) is { Value: >= 45 and <= 160, Unit: "" } bare
            && At(i + 1 + bare.Count) is not ("percent" or "seconds")
        )
            Add(HeadField.PartnerWeight, Written(bare.Value), $"{Written(bare.Value)} kg", i + 1, i + 1 + bare.Count);
    }

    private void HearNumber(int i)
    {
        if (Numbers.At(words, i) is not { } number)
            return;
        var after = i + number.Count;
        var unit = number.Unit.Length > 0 ? number.Unit : At(after);
        if (number.Unit.Length == 0)
            after++;
        if (Kilograms(number.Value, unit) is { } kg)
            HearWeight(kg, i, Math.Min(after, words.Count));
        else if (Grammar.Is("minutes", unit))
            HearLength(number.Value, i, after);
        else if (number.Unit.Length == 0 && Grammar.Is("result", At(i - 1)))
            HearResult(number.Value, i);
    }

    private static double? Kilograms(double value, string unit) =>
        unit switch
        {
            "kg" or "kgs" or "kilo" or "kilos" or "kilogram" or "kilograms" => value,
            "lb" or "lbs" or "pound" or "pounds" => Math.Round(value * KgPerPound, 1),
            _ => null,
        };

    private void HearWeight(double kg, int first, int after)
    {
        var next = At(after);
        // "Twenty pounds on me", "ten kilos heavier", "gives up ten kilos to me".
        if (next == "on" && At(after + 1) is "me" or "him" or "her" || Grammar.Is("comparing", next))
        {
            var heavier = next == "on" ? At(after + 1) == "me" : next is "heavier" or "more" or "bigger";
            heavier ^= next != "on" && Grammar.Is("me-subject", At(first - 1));
            var size = (heavier, kg >= MuchKg) switch
            {
                (true, true) => RelativeSize.MuchHeavier,
                (true, false) => RelativeSize.Heavier,
                (false, true) => RelativeSize.MuchLighter,
                _ => RelativeSize.Lighter,
            };
            Add(
                HeadField.PartnerSize,
                Term.Of(size),
                Say(HeadField.PartnerSize, Term.Of(size)),
                first,
                Math.Min(words.Count, after + (next == "on" ? 2 : 1))
            );
            return;
        }
        if (kg is >= 30 and <= 200 && !IsMine(first) && !Grammar.Is("no-weight-of", next) && At(first - 1) is not "at")
            Add(HeadField.PartnerWeight, Written(kg), $"{Written(kg)} kg", first, after);
    }

    // "A six minute round", "only 5 min".
    private void HearLength(double minutes, int first, int after)
    {
        var next = At(after);
        if (
            minutes is >= 1 and <= 60
            && (
                Grammar.Is("of-length", next)
                || At(first - 1) == "only" && At(after) is not ("left" or "in")
                || IsByItself(first, after)
                || At(first - 1) == "for" && IsOfTheRoll(first)
            )
        )
            Add(
                HeadField.Minutes,
                Written(minutes),
                $"{Written(minutes)} min",
                first,
                Math.Min(words.Count, after + (next is "left" or "" ? 0 : 1))
            );
    }

    // "Flow round with Oak, five minutes."
    private bool IsByItself(int first, int after) =>
        first is > 0 and < Opening && words[first].AfterPause && (after >= words.Count || words[after].AfterPause);

    // "Rolled with Oak for ten minutes".
    private bool IsOfTheRoll(int first)
    {
        for (var i = first - 1; i >= 0 && !words[i + 1].AfterStop; i--)
            if (Grammar.Is("rolled", words[i].Text))
                return true;
        return false;
    }

    // "Lost 4-2", "won six two".
    private void HearResult(double mine, int first)
    {
        if (
            first + 1 >= words.Count
            || mine > 60
            || Numbers.At(words, first + 1) is not { Value: <= 60, Unit: "" } other
            || words[first + 1].AfterStop
        )
            return;
        var verb =
            At(first - 1) is "lost" or "lose" ? "Lost"
            : At(first - 1) is "won" or "win" or "beat" ? "Won"
            : At(first - 1) == "up" ? "Up"
            : "Down";
        var result = $"{verb} {Written(mine)}–{Written(other.Value)}";
        Add(HeadField.Result, result, result.ToLowerInvariant(), first - 1, first + 1 + other.Count);
    }

    // "Won on advantages", "lost by ref decision".
    private void HearDecision(int i)
    {
        if (At(i) is not ("won" or "lost"))
            return;
        // "Lost to Bruno on advantages".
        var on = At(i + 1) is "to" or "against" ? i + 3 : i + 1;
        if (At(on) is not ("on" or "by" or "via"))
            return;
        var after = on + 1;
        while (At(after) is "a" or "an" or "the" or "split" or "one" or "ref" or "refs" or "referee" or "referees" or "judges")
            after++;
        var by = At(after) switch
        {
            "points" => "points",
            "advantages" or "advantage" => "advantages",
            "penalties" or "penalty" => "penalties",
            "decision" or "call" => "referee",
            _ => null,
        };
        if (by is null)
            return;
        var said = $"{(At(i) == "won" ? "Won" : "Lost")} by {(by == "referee" ? "the referee" : by)}";
        Add(HeadField.Decision, said, said.ToLowerInvariant(), i, after + 1);
    }

    private static string Written(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);
}

using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>A day of matches: where, in which division, against whom.</summary>
public sealed record MatchDay
{
    /// <summary>An id that does not change.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>The day.</summary>
    public required DateOnly Date { get; init; }

    /// <summary>Id of its rules; null for the federation's.</summary>
    public string? Rules { get; init; }

    /// <summary>What is worn.</summary>
    public Attire? Attire { get; init; }

    /// <summary>Belt of the division.</summary>
    public Belt? Belt { get; init; }

    /// <summary>Age of the division.</summary>
    public AgeDivision? Age { get; init; }

    /// <summary>Category of the division.</summary>
    public MatchCategory? Category { get; init; }

    /// <summary>The limit of the weight class, in kilograms; null where it has none or it is not said.</summary>
    public double? ClassKg { get; init; }

    /// <summary>The class without a limit, above all others, or the open class.</summary>
    public bool NoLimit { get; init; }

    /// <summary>What I weigh for it, in kilograms; null for what the log says.</summary>
    public double? WeightKg { get; init; }

    /// <summary>How long its matches last, in minutes; null for what the rules say.</summary>
    public double? Minutes { get; init; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; init; }

    /// <summary>Who is or was met, in order.</summary>
    public IReadOnlyList<Scouting> Opponents { get; init; } = [];

    /// <summary>A roll as one of its matches: what is not said of it is as the day has it.</summary>
    public Roll Match(Roll roll, MatchRules rules, string division) =>
        roll with
        {
            Kind = RollKind.Match,
            Event = Id,
            Division = roll.Division ?? (division.Length == 0 ? null : division),
            Rules = roll.Rules ?? rules.Id,
            Minutes = roll.Minutes ?? MinutesBy(rules),
        };

    /// <summary>How long a match lasts, in minutes; null where neither the day nor the rules say.</summary>
    public double? MinutesBy(MatchRules rules) => Minutes ?? (Belt is { } belt ? rules.MinutesFor(Age ?? AgeDivision.Adult, belt) : null);

    /// <summary>Its rules; the federation's where none are said or they are gone.</summary>
    public MatchRules RulesIn(Rulebook book) => (Rules is { } id ? book.Match(id, Attire) : null) ?? book.Usual(Attire);

    /// <summary>A roll was part of it.</summary>
    public bool Has(Roll roll) =>
        roll.Event is { } named && (named == Id || string.Equals(named, Name, StringComparison.OrdinalIgnoreCase));

    /// <summary>The division in words, <c>adult, blue, to 76 kg, gi</c>; empty where nothing is said.</summary>
    public string Division(Func<double, string> weight) =>
        string.Join(
            ", ",
            new[]
            {
                Age is { } age ? Term.Say(age) : null,
                Category is { } category ? Term.Say(category) : null,
                Belt is { } belt ? Term.Say(belt) : null,
                ClassKg is { } limit ? $"to {weight(limit)}" : null,
                NoLimit ? "no weight limit" : null,
                Attire is { } worn ? Term.Say(worn) : null,
            }.OfType<string>()
        );
}

using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>What speaks against drilling an exchange, whatever it would bring.</summary>
public static class RuledOut
{
    /// <summary>Why it is not to be proposed, in words without a stop; null where nothing speaks against it.</summary>
    /// <param name="way">The exchange.</param>
    /// <param name="practitioner">Who drills.</param>
    /// <param name="week">When and how, with what is sore and what is coming.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static string? Why(Way way, Practitioner practitioner, MyWeek week, MatVocabulary vocabulary)
    {
        if (vocabulary.Move(way.Move) is { } move)
        {
            if (Barred.Why(move, practitioner.Belt, practitioner.AgeDivision, week.Attire) is { } barred)
                return barred;
            if (week.Competition is { } coming)
            {
                if (Barred.Why(move, practitioner.Belt, practitioner.AgeDivision, coming.Attire) is { } there)
                    return $"at the competition that is coming {there}";
                if (WornElse(move, coming.Attire))
                    return $"it needs {Worn(move)}, and the competition that is coming is without";
            }
            if (WornElse(move, week.Attire))
                return $"it needs {Worn(move)}, and the sessions of this week are without";
        }
        return Sore.RulingOut(way, week.Sore, vocabulary) is { } sore
            ? $"your {Term.Say(sore.Place)} is sore; it comes back when you clear that"
            : null;
    }

    private static bool WornElse(Move move, Attire? worn) => move.Attire is { } needed && worn is { } is_ && needed != is_;

    private static string Worn(Move move) => move.Attire == Attire.Gi ? "the gi" : "no-gi";
}

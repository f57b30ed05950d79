using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A key of the board, with the lines its presses write.</summary>
/// <param name="By">Whose move.</param>
/// <param name="Move">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Landed">What is written when it came off; a tap for a submission.</param>
/// <param name="Stopped">What is written when it was stopped.</param>
/// <param name="Near">What is written when it nearly came off.</param>
/// <param name="Taps">It ends in a tap when it comes off.</param>
/// <param name="Seen">How often it was tried from here, in the log.</param>
/// <param name="Barred">Why it is barred for the practitioner in matches; null where it is not, or for a key of the other's.</param>
public sealed record BoardKey(
    Who By,
    string Move,
    string Name,
    string Landed,
    string Stopped,
    string Near,
    bool Taps,
    int Seen,
    string? Barred
)
{
    /// <summary>The key of a move.</summary>
    public static BoardKey Of(Who by, Move move, LogCache cache, int seen = 0) =>
        new(
            by,
            move.Id.Value,
            move.Name,
            Plain.Line(by, move, Outcome.Landed),
            Plain.Line(by, move, Outcome.Stopped),
            Plain.Line(by, move, Outcome.Near),
            move.IsSubmission,
            seen,
            by == Who.Me ? BarredWords.Of(move, cache) : null
        );
}

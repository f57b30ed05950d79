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
public sealed record BoardKey(Who By, string Move, string Name, string Landed, string Stopped, string Near, bool Taps, int Seen)
{
    /// <summary>The key of a move.</summary>
    public static BoardKey Of(Who by, Move move, int seen = 0) =>
        new(
            by,
            move.Id,
            move.Name,
            Plain.Line(by, move, Outcome.Landed),
            Plain.Line(by, move, Outcome.Stopped),
            Plain.Line(by, move, Outcome.Near),
            move.IsSubmission,
            seen
        );
}

/// <summary>A place to start an exchange in.</summary>
/// <param name="Say">It in words.</param>
/// <param name="Line">What is written.</param>
public sealed record BoardStart(string Say, string Line);

/// <summary>The board where the roll stands.</summary>
/// <param name="Say">Where it stands, in words; null when an exchange is yet to begin.</param>
/// <param name="Keys">The likeliest next moves, mine first.</param>
/// <param name="Starts">Where an exchange usually starts, to choose from when one begins.</param>
public sealed record Board(string? Say, IReadOnlyList<BoardKey> Keys, IReadOnlyList<BoardStart> Starts)
{
    private const int Each = 4;
    private static readonly string[] UsualStarts =
    [
        "standing/neutral",
        "half-guard/bottom",
        "half-guard/top",
        "closed-guard/bottom",
        "closed-guard/top",
        "seated-guard/bottom",
    ];

    /// <summary>The board at a place; null is before an exchange, which begins on the feet unless another start is chosen.</summary>
    public static Board At(string? place, Log log)
    {
        var vocabulary = MatVocabulary.BuiltIn;
        return new Board(
            place is null ? null : vocabulary.SayPlace(place),
            [
                .. LikelyNext
                    .Of(log, vocabulary, place ?? UsualStarts[0], Each)
                    .Where(n => vocabulary.Move(n.Move) is not null)
                    .Select(n => BoardKey.Of(n.By, vocabulary.Move(n.Move)!, n.Seen)),
            ],
            place is null ? [.. UsualStarts.Select(s => new BoardStart(vocabulary.SayPlace(s), Plain.Starts(vocabulary.Place(s)!)))] : []
        );
    }

    /// <summary>Moves whose names begin with, or else hold, some letters: one key for either side.</summary>
    public static IReadOnlyList<BoardKey> Find(string letters)
    {
        var wanted = letters.Trim();
        if (wanted.Length == 0)
            return [];
        return
        [
            .. MatVocabulary
                .BuiltIn.Moves.Where(m => m.Names.Any(n => n.Contains(wanted, StringComparison.OrdinalIgnoreCase)))
                .OrderByDescending(m => m.Name.StartsWith(wanted, StringComparison.OrdinalIgnoreCase))
                .ThenByDescending(m => m.Common)
                .ThenBy(m => m.Name, StringComparer.OrdinalIgnoreCase)
                .Take(6)
                .SelectMany(m => new[] { BoardKey.Of(Who.Me, m), BoardKey.Of(Who.Partner, m) }),
        ];
    }
}

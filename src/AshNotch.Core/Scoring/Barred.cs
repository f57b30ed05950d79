using System.Text.Json.Serialization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>
/// What rules bar a practitioner from (IBJJF rule book, from memory), in <c>barred.json</c>. A belt or age that is not known counts as the
/// one that is allowed least.
/// </summary>
public static partial class Barred
{
    private static readonly IReadOnlyList<Row> Rows = ShippedFile.Read("barred.json", BarredJson.Default.BarredFile).Rows;

    /// <summary>Why a move is barred for somebody, in words without a stop; null where no rule known here bars it.</summary>
    /// <param name="move">The move.</param>
    /// <param name="belt">Their belt.</param>
    /// <param name="age">Their age division; adult when null.</param>
    /// <param name="attire">What is worn; null where both may be.</param>
    public static string? Why(Move move, Belt? belt, AgeDivision? age, Attire? attire)
    {
        var row = Rows.FirstOrDefault(r => r.Names(move));
        return row is not null && row.Bars(belt ?? Belt.White, age ?? AgeDivision.Adult, attire) ? row.Why : null;
    }

    /// <summary>The moves that some row names by their id.</summary>
    internal static IEnumerable<string> NamedMoves => Rows.SelectMany(r => r.Moves ?? []);

    private sealed record BarredFile(IReadOnlyList<Row> Rows);

    private sealed record Row(
        IReadOnlyList<string>? Moves,
        IReadOnlyList<string>? Classes,
        string? FromBelt,
        string? OnlyAttire,
        IReadOnlyList<string>? OnlyAges,
        IReadOnlyList<string>? NotAges,
        string Why
    )
    {
        public bool Names(Move move) =>
            Moves?.Contains(move.Id.Value) == true || (move.SubmissionClass is { } attacks && Classes?.Contains(Term.Say(attacks)) == true);

        public bool Bars(Belt belt, AgeDivision age, Attire? attire)
        {
            var anybody = FromBelt is null && OnlyAttire is null && OnlyAges is null && NotAges is null;
            return anybody
                || (Term.TryRead<Belt>(FromBelt, out var from) && belt < from)
                || (Term.TryRead<Attire>(OnlyAttire, out var only) && attire != only)
                || OnlyAges?.Contains(Term.Of(age)) == false
                || NotAges?.Contains(Term.Of(age)) == true;
        }
    }

    [JsonSourceGenerationOptions(System.Text.Json.JsonSerializerDefaults.Web)]
    [JsonSerializable(typeof(BarredFile))]
    private sealed partial class BarredJson : JsonSerializerContext;
}

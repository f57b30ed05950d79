using System.Text.Json.Serialization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Week;

/// <summary>What is left out while something is sore, in <c>sore.json</c>: the authors' judgement on the careful side, no medical advice.</summary>
public static partial class Sore
{
    private static readonly SoreFile File = ShippedFile.Read("sore.json", SoreJson.Default.SoreFile);

    /// <summary>What to say beside anything sore.</summary>
    public static string Advice => File.Advice;

    /// <summary>The sore spot that rules an exchange out, or null.</summary>
    public static SoreSpot? RulingOut(Way way, IEnumerable<SoreSpot> sore, MatVocabulary vocabulary)
    {
        var move = vocabulary.Move(way.Move);
        var position = vocabulary.Place(way.From)?.Position.Id;
        return sore.FirstOrDefault(s =>
        {
            var row = File.Rows.First(r => r.Place == Term.Of(s.Place));
            return row.Attacks.Names(move, position) || (!s.Mild && row.Loads.Names(move, position));
        });
    }

    /// <summary>Every move and position that some row names.</summary>
    internal static IEnumerable<(string Id, bool IsMove)> Named =>
        File
            .Rows.SelectMany(r => new[] { r.Attacks, r.Loads })
            .SelectMany(l => (l.Moves ?? []).Select(m => (m, true)).Concat((l.Positions ?? []).Select(p => (p, false))));

    /// <summary>The places that have a row.</summary>
    internal static IEnumerable<string> Places => File.Rows.Select(r => r.Place);

    private sealed record SoreFile(string Advice, IReadOnlyList<Row> Rows);

    private sealed record Row(string Place, Lists Attacks, Lists Loads);

    private sealed record Lists(IReadOnlyList<string>? Classes, IReadOnlyList<string>? Moves, IReadOnlyList<string>? Positions)
    {
        public bool Names(Move? move, string? position) =>
            (move is not null && Moves?.Contains(move.Id.Value) == true)
            || (move?.SubmissionClass is { } attacks && Classes?.Contains(Term.Say(attacks)) == true)
            || (position is not null && Positions?.Contains(position) == true);
    }

    [JsonSourceGenerationOptions(System.Text.Json.JsonSerializerDefaults.Web)]
    [JsonSerializable(typeof(SoreFile))]
    private sealed partial class SoreJson : JsonSerializerContext;
}

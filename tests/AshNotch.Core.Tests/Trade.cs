using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>The vocabulary that ships, and reading with it.</summary>
internal static class Trade
{
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);

    public static Phrasebook With(IReadOnlyList<OwnName>? own) => own is null ? Book : Phrasebook.Of(MatVocabulary.BuiltIn, own);

    public static RollRead Read(string text, string? partner = null, IReadOnlyList<OwnName>? own = null) =>
        RollReader.Read(text, With(own), partner);

    /// <summary>The notches of a telling in short: <c>they knee-cut-pass half-guard/bottom>side-control/bottom landed | ...</c>.</summary>
    public static string Told(string text, string? partner = null) =>
        string.Join(" | ", Read(text, partner).Exchanges.SelectMany(e => e.Exchange.Notches).Select(InShort));

    private static string InShort(Notch notch)
    {
        var who = notch.By == Who.Me ? "me" : "they";
        var way = $"{notch.From?.Value ?? "?"}>{notch.To?.Value ?? "?"}";
        return $"{who} {notch.Move?.Value ?? "-"} {way} {Term.Of(notch.Outcome)}";
    }
}

using AshNotch.Core.Chain;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>The vocabulary that ships, and reading with it.</summary>
internal static class Trade
{
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);

    public static Phrasebook With(IReadOnlyList<OwnName>? own) => own is null ? Book : Phrasebook.Of(MatVocabulary.BuiltIn, own);

    public static RollRead Read(string text, string? partner = null, IReadOnlyList<OwnName>? own = null) =>
        RollReader.Read(text, With(own), partner);

    /// <summary>A telling with nothing said beside it.</summary>
    public static Telling Tell(string text) => Telling.Read(text, Book, [], TellingAside.Nothing);

    /// <summary>The notches of a telling in short: <c>they knee-cut-pass half-guard/bottom>side-control/bottom landed | ...</c>.</summary>
    public static string Told(string text, string? partner = null) =>
        string.Join(" | ", Read(text, partner).Exchanges.SelectMany(e => e.Exchange.Notches).Select(InShort));

    /// <summary>The partner's knee cut out of my half guard.</summary>
    public static Notch KneeCut { get; } =
        new()
        {
            By = Who.Partner,
            Move = new("knee-cut-pass"),
            From = new("half-guard/bottom"),
            To = new("side-control/bottom"),
            Outcome = Outcome.Landed,
        };

    /// <summary>A log of rolls of one notch each, all of one day.</summary>
    public static Log LogOf(IEnumerable<Notch> notches) =>
        new()
        {
            Sessions =
            [
                new Session
                {
                    Id = "s",
                    Date = new DateOnly(2026, 3, 2),
                    Rolls = [.. notches.Select((n, i) => new Roll { Id = $"r{i}", Exchanges = [new Exchange { Notches = [n] }] })],
                },
            ],
        };

    /// <summary>What the model learns from a log.</summary>
    public static SkillModel Model(Log log) => SkillModel.Of(Walk.Of(log, MatVocabulary.BuiltIn), log.Practitioner, MatVocabulary.BuiltIn);

    private static string InShort(Notch notch)
    {
        var who = notch.By == Who.Me ? "me" : "they";
        var way = $"{notch.From?.Value ?? "?"}>{notch.To?.Value ?? "?"}";
        return $"{who} {notch.Move?.Value ?? "-"} {way} {Term.Of(notch.Outcome)}";
    }
}

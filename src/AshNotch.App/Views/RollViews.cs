using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A roll in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Date">The day, or null.</param>
/// <param name="Attire">Gi or no-gi.</param>
/// <param name="PartnerId">The partner, or null when unknown.</param>
/// <param name="PartnerName">Their nickname.</param>
/// <param name="PartnerBelt">Their belt that day.</param>
/// <param name="Kind">Free, positional or match.</param>
/// <param name="Minutes">Its length.</param>
/// <param name="MyTaps">How often I made them tap.</param>
/// <param name="TheirTaps">How often they made me tap.</param>
/// <param name="Stick">Its picture.</param>
public sealed record RollRow(
    string Id,
    DateOnly? Date,
    Attire? Attire,
    string? PartnerId,
    string PartnerName,
    Belt? PartnerBelt,
    RollKind? Kind,
    double? Minutes,
    int MyTaps,
    int TheirTaps,
    Stick Stick
)
{
    /// <summary>The row of a roll.</summary>
    public static RollRow Of(LoggedRoll logged, Log log)
    {
        var roll = logged.Roll;
        var name = log.Partners.FirstOrDefault(p => p.Id == roll.Partner)?.Name ?? "Someone";
        return new RollRow(
            roll.Id,
            logged.Session.Date,
            logged.Session.Attire,
            roll.Partner,
            name,
            roll.PartnerThen.Belt,
            roll.Kind,
            roll.Minutes,
            roll.Taps(Who.Me),
            roll.Taps(Who.Partner),
            Stick.Of(roll.Exchanges, MatVocabulary.BuiltIn)
        );
    }
}

/// <summary>A session on the rack.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Date">The day.</param>
/// <param name="Kind">What sort.</param>
/// <param name="Attire">Gi or no-gi.</param>
/// <param name="Notes">Remarks.</param>
/// <param name="Rolls">Its rolls in order.</param>
public sealed record RackSession(string Id, DateOnly? Date, SessionKind? Kind, Attire? Attire, string? Notes, IReadOnlyList<RollRow> Rolls);

/// <summary>A page of the rack, newest session first.</summary>
/// <param name="Sessions">Its sessions.</param>
/// <param name="Rolls">How many rolls match in all.</param>
/// <param name="More">How many sessions are left out; ask again with a higher limit.</param>
public sealed record Rack(IReadOnlyList<RackSession> Sessions, int Rolls, int More);

/// <summary>One roll whole.</summary>
/// <param name="Session">The head of its session.</param>
/// <param name="Roll">The roll in the open form.</param>
/// <param name="Row">Its row, with the picture.</param>
/// <param name="Takeaways">What was taken away.</param>
/// <param name="Cautions">What to say of the submissions in it, each once.</param>
/// <param name="Version">How often it was changed; sent back with a change, so that nobody overwrites what they have not seen.</param>
public sealed record RollView(
    SessionDocument Session,
    RollDocument Roll,
    RollRow Row,
    IReadOnlyList<string> Takeaways,
    IReadOnlyList<string> Cautions,
    int Version
)
{
    /// <summary>The view of a roll.</summary>
    public static RollView Of(LoggedRoll logged, Log log, int version) =>
        new(
            LogWriter.Head(logged.Session),
            LogWriter.Document(logged.Roll),
            RollRow.Of(logged, log),
            [.. logged.Roll.Takeaways.Select(t => t.Text)],
            [
                .. logged
                    .Roll.Notches.Select(n => MatVocabulary.BuiltIn.Move(n.Move))
                    .Where(m => m?.Caution is not null)
                    .Select(m => $"{char.ToUpperInvariant(m!.Name[0])}{m.Name[1..]}: {m.Caution}")
                    .Distinct(),
            ],
            version
        );
}

/// <summary>A roll to keep, as edited.</summary>
/// <param name="Session">The head of its session; without an id, the session of that day, kind and attire.</param>
/// <param name="Roll">The roll.</param>
/// <param name="Version">The version it was edited from; left out, it is kept whatever happened since.</param>
public sealed record RollToKeep(SessionDocument? Session, RollDocument? Roll, int? Version);

/// <summary>Rolls to keep, as told: the server reads them.</summary>
/// <param name="Session">The head of their session.</param>
/// <param name="Roll">What is known beside the telling: partner, kind, minutes, intensity, mission.</param>
/// <param name="Text">The telling, of one roll or several.</param>
/// <param name="Corrections">What was put right in its reading.</param>
/// <param name="Partners">Which partners the names in it mean, where that was said.</param>
/// <param name="Draft">Name of the draft that it was told in, which is done with.</param>
public sealed record RollTold(
    SessionDocument? Session,
    RollDocument? Roll,
    string? Text,
    IReadOnlyList<CorrectionView>? Corrections,
    IReadOnlyList<NamedPartner>? Partners = null,
    string? Draft = null
);

/// <summary>What was kept of a telling.</summary>
/// <param name="Rolls">Its rolls.</param>
/// <param name="NewPartners">Partners that were added in passing.</param>
public sealed record ToldAndKept(IReadOnlyList<RollView> Rolls, IReadOnlyList<PartnerDocument> NewPartners);

/// <summary>An earlier form of a roll.</summary>
/// <param name="Number">Which, from 0 for the oldest.</param>
/// <param name="At">When it was changed into another, UTC.</param>
/// <param name="Change">What ended it: edited, deleted, restored or imported.</param>
/// <param name="Row">Its row, with the picture.</param>
public sealed record EarlierForm(int Number, DateTimeOffset At, string Change, RollRow Row);

using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A place to choose from.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">The position's name.</param>
/// <param name="Say">It in words, as <c>your half guard</c>.</param>
/// <param name="Mirror">What the partner sees.</param>
/// <param name="Family">Its family.</param>
/// <param name="Aliases">Other names of the position.</param>
public sealed record PlaceView(string Id, string Name, string Say, string Mirror, string Family, IReadOnlyList<string> Aliases);

/// <summary>A move to choose from.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Aliases">Other names.</param>
/// <param name="From">Places it usually starts from, seen from the one who does it.</param>
/// <param name="To">Where it usually leads.</param>
/// <param name="SubmissionClass">What it attacks, for a submission.</param>
/// <param name="Caution">What to say where it is shown.</param>
/// <param name="Attire">What must be worn for it; absent where it works in both.</param>
/// <param name="Leads">Where it leads, in words.</param>
public sealed record MoveView(
    string Id,
    string Name,
    MoveKind Kind,
    IReadOnlyList<string> Aliases,
    IReadOnlyList<string> From,
    string? To,
    string? SubmissionClass,
    string? Caution,
    Attire? Attire,
    string Leads
);

/// <summary>The vocabulary.</summary>
/// <param name="Places">The places.</param>
/// <param name="Moves">The moves.</param>
public sealed record VocabularyView(IReadOnlyList<PlaceView> Places, IReadOnlyList<MoveView> Moves)
{
    /// <summary>The built-in vocabulary.</summary>
    public static VocabularyView BuiltIn { get; } =
        new(
            [
                .. MatVocabulary.BuiltIn.Places.Select(p => new PlaceView(
                    p.Id,
                    p.Position.Name,
                    p.Say,
                    p.Mirror,
                    p.Position.Family,
                    [.. p.Position.Names.Skip(1)]
                )),
            ],
            [
                .. MatVocabulary.BuiltIn.Moves.Select(m => new MoveView(
                    m.Id,
                    m.Name,
                    m.Kind,
                    [.. m.Names.Skip(1)],
                    m.From,
                    m.To,
                    m.SubmissionClass,
                    m.Caution,
                    m.Attire,
                    m.IsSubmission ? "to the tap"
                        : m.To is null ? "stays where it is"
                        : $"to {MatVocabulary.BuiltIn.Place(m.To)!.Position.Name}"
                )),
            ]
        );
}

/// <summary>A partner in the list.</summary>
/// <param name="Partner">The partner.</param>
/// <param name="Rolls">How many rolls were logged with them.</param>
/// <param name="Last">The last day.</param>
/// <param name="Sticks">The newest rolls, newest first.</param>
public sealed record PartnerView(PartnerDocument Partner, int Rolls, DateOnly? Last, IReadOnlyList<RollRow> Sticks);

/// <summary>Into which partner another is merged.</summary>
/// <param name="Into">The id of the one who stays.</param>
public sealed record PartnerToMerge(string? Into);

/// <summary>A merge that was made.</summary>
/// <param name="Merge">The number by which it is undone.</param>
public sealed record PartnerMerge(long Merge);

/// <summary>The focus in force.</summary>
/// <param name="Focus">What was chosen.</param>
/// <param name="Say">It in words.</param>
/// <param name="Spot">How it stands in the ranking now; null when it no longer appears.</param>
/// <param name="Caution">What to say of the move.</param>
public sealed record FocusView(FocusDocument Focus, string Say, WeakSpot? Spot, string? Caution);

/// <summary>What stands on Today.</summary>
/// <param name="Focus">The focus, or null.</param>
/// <param name="Last">The last session, or null.</param>
/// <param name="First">The first weak spot, for who has no focus yet.</param>
/// <param name="Rolls">Rolls logged in all.</param>
/// <param name="Sessions">Sessions logged in all.</param>
public sealed record TodayView(FocusView? Focus, RackSession? Last, WeakSpot? First, int Rolls, int Sessions);

/// <summary>What the program is and where the data lives.</summary>
/// <param name="Version">Version of the program.</param>
/// <param name="DataDirectory">Where the data is kept.</param>
/// <param name="Demo">Whether this is the demo, which can be started over.</param>
/// <param name="Causes">Causes to offer.</param>
public sealed record AboutView(string Version, string DataDirectory, bool Demo, IReadOnlyList<string> Causes);

/// <summary>Settings of the application.</summary>
/// <param name="Aim">What the ranking aims at.</param>
public sealed record SettingsView(Aim Aim);

/// <summary>A draft.</summary>
/// <param name="Body">What was written, in the page's own form.</param>
public sealed record DraftView(string? Body);

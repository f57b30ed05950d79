using System.Text.Json;
using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>How the practitioner wants the program: what they want of a roll, and the rules that points are counted by.</summary>
/// <param name="store">Where it is kept.</param>
public sealed class Preferences(LogStore store)
{
    /// <summary>All of it, with the rules there are.</summary>
    public SettingsView All
    {
        get
        {
            var version = store.SettingsVersion();
            IReadOnlyList<Ruleset> rulesets = [.. Rulebook.Families];
            return new SettingsView(
                Term.TryRead<Aim>(store.Setting("aim"), out var aim) ? aim : Aim.Points,
                rulesets.FirstOrDefault(r => r.Id == store.Setting("rules"))?.Id ?? Ruleset.Federation.Id,
                Term.TryRead<LeadSchool>(store.Setting("lead"), out var lead) ? lead : LeadSchool.Both,
                rulesets,
                version
            );
        }
    }

    /// <summary>The rules that ship, and the user's own.</summary>
    public Rulebook Rulebook
    {
        get
        {
            var own = store.Rules();
            // A table of an earlier version, of points alone.
            if (own.All(r => r.Id != Ruleset.HouseId) && Earlier is { } kept)
                own = [.. own, kept.In(Rulesets.Matches.First(m => m.Id == Ruleset.HouseId))];
            return new Rulebook(own);
        }
    }

    // Damage there is for the check to tell; points are counted by the rules that ship meanwhile.
    private Ruleset? Earlier
    {
        get
        {
            try
            {
                return store.Setting(Ruleset.HouseId) is { } kept ? JsonSerializer.Deserialize<Ruleset>(kept) : null;
            }
            catch (JsonException)
            {
                return null;
            }
        }
    }

    /// <summary>What the ranking is made for.</summary>
    public Goal Goal
    {
        get
        {
            var all = All;
            return new Goal(all.Aim, all.Rulesets.First(r => r.Id == all.Rules));
        }
    }

    /// <summary>Keeps what was asked for, checked before; what is left out stays.</summary>
    public void Keep(SettingsAsked asked)
    {
        (string Name, string? Value)[] said =
        [
            ("aim", asked.Aim is { } aim ? Term.Of(aim) : null),
            ("rules", asked.Rules),
            ("lead", asked.Lead is { } lead ? Term.Of(lead) : null),
        ];
        store.KeepSettings(said.Where(s => s.Value is not null).Select(s => (s.Name, s.Value!)), asked.Version);
    }
}

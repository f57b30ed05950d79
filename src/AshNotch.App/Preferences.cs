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
            var house = store.Setting(Ruleset.HouseId) is { } kept ? JsonSerializer.Deserialize<Ruleset>(kept) : null;
            IReadOnlyList<Ruleset> rulesets = [.. Rulesets.All.Select(r => r.Id == Ruleset.HouseId && house is not null ? house : r)];
            return new SettingsView(
                Term.TryRead<Aim>(store.Setting("aim"), out var aim) ? aim : Aim.Points,
                rulesets.FirstOrDefault(r => r.Id == store.Setting("rules"))?.Id ?? Ruleset.Federation.Id,
                rulesets
            );
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
        if (asked.Aim is { } aim)
            store.KeepSetting("aim", Term.Of(aim));
        if (asked.Rules is not null)
            store.KeepSetting("rules", asked.Rules);
        if (asked.House is { } house)
        {
            var ours = Rulesets.All.First(r => r.Id == Ruleset.HouseId);
            store.KeepSetting(
                Ruleset.HouseId,
                JsonSerializer.Serialize(house with { Id = ours.Id, Name = ours.Name, Source = ours.Source })
            );
        }
    }
}

using AshNotch.Core.Rolls;

namespace AshNotch.Core.Merging;

/// <summary>In what two forms of the same thing differ, in words.</summary>
internal static class Differences
{
    public static IReadOnlyList<string> Of(Roll a, Roll b) =>
        [
            .. Named(
                ("the partner", a.Partner != b.Partner),
                ("the partner's belt, weight or size that day", a.PartnerThen != b.PartnerThen),
                ("kind, length or rules", (a.Kind, a.Minutes, a.PlannedMinutes, a.Rules) != (b.Kind, b.Minutes, b.PlannedMinutes, b.Rules)),
                ("the starts kept and lost", a.Starts != b.Starts),
                ("how hard it was", (a.Intensity, a.PartnerIntensity) != (b.Intensity, b.PartnerIntensity)),
                ("the mission", a.Mission?.Text != b.Mission?.Text || !(a.Mission?.Checks ?? []).SequenceEqual(b.Mission?.Checks ?? [])),
                ("what was left out", !a.Partial.SequenceEqual(b.Partial)),
                ("the telling", a.Retelling != b.Retelling),
                ("the notes", a.Notes != b.Notes),
                ("what the referee said", (a.Event, a.Division, a.Official) != (b.Event, b.Division, b.Official)),
                ("the penalties", !a.Penalties.SequenceEqual(b.Penalties)),
                ("the takeaways", !a.Takeaways.SequenceEqual(b.Takeaways)),
                ("the notches", !Same(a, b))
            ),
        ];

    public static IReadOnlyList<string> Of(Partner a, Partner b) =>
        [
            .. Named(
                ("the nickname", a.Name != b.Name),
                ("the belt", (a.Belt, a.Stripes) != (b.Belt, b.Stripes)),
                ("the weight or size", (a.WeightKg, a.Size) != (b.WeightKg, b.Size)),
                ("the traits", !a.Traits.SequenceEqual(b.Traits)),
                ("the other names", !a.AlsoCalled.SequenceEqual(b.AlsoCalled)),
                ("the notes", a.Notes != b.Notes)
            ),
        ];

    public static IReadOnlyList<string> Of(Session a, Session b) =>
        [
            .. Named(
                ("the day or time", (a.Date, a.Time) != (b.Date, b.Time)),
                ("the kind", a.Kind != b.Kind),
                ("gi or no-gi", a.Attire != b.Attire),
                ("the notes", a.Notes != b.Notes),
                ("the state of the day", !Same(a.State, b.State))
            ),
        ];

    private static IEnumerable<string> Named(params IEnumerable<(string Name, bool Differs)> parts) =>
        parts.Where(p => p.Differs).Select(p => p.Name);

    private static bool Same(DayState? a, DayState? b) =>
        a?.Energy == b?.Energy && a?.Note == b?.Note && (a?.Sore ?? []).SequenceEqual(b?.Sore ?? []);

    private static bool Same(Roll a, Roll b) =>
        a.Exchanges.Count == b.Exchanges.Count
        && a.Exchanges.Zip(b.Exchanges)
            .All(e =>
                e.First.Start == e.Second.Start
                && e.First.End == e.Second.End
                && e.First.Notches.Count == e.Second.Notches.Count
                && e.First.Notches.Zip(e.Second.Notches).All(n => n.First.SaysTheSame(n.Second))
            );
}

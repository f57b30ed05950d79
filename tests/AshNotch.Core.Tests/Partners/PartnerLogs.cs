using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Skill;
using AshNotch.Core.Tests.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Partners;

/// <summary>Logs of rolls with named partners, told in short.</summary>
internal static class PartnerLogs
{
    public const string Sweep = "me scissor-sweep closed-guard/bottom>mount/top";
    public const string Cut = "partner knee-cut-pass half-guard/bottom>side-control/bottom";

    public static readonly DateOnly First = new(2026, 1, 5);

    /// <summary>A log of one session a day, the first on a Monday and each the given days after the one before.</summary>
    public static Log Of(IReadOnlyList<Partner> partners, int days, params (string Partner, string Told)[][] sessions) =>
        new()
        {
            Practitioner = new Practitioner { Belt = Belt.Blue, WeightKg = 76 },
            Partners = partners,
            Sessions =
            [
                .. sessions.Select(
                    (rolls, s) =>
                        new Session
                        {
                            Id = $"s{s}",
                            Date = First.AddDays(days * s),
                            Rolls =
                            [
                                .. rolls.Select((r, i) => Told.Roll(r.Told, RollKind.Free) with { Id = $"r{s}-{i}", Partner = r.Partner }),
                            ],
                        }
                ),
            ],
        };

    public static Log Of(params (string Partner, string Told)[][] sessions) =>
        Of([.. sessions.SelectMany(s => s).Select(r => r.Partner).Distinct().Select(Named)], 2, sessions);

    public static Partner Named(string id) => new() { Id = id, Name = char.ToUpperInvariant(id[0]) + id[1..] };

    public static Dossier Of(this Dossiers dossiers, string id, DateOnly on) => dossiers.Of(Named(id), on);

    public static Dossiers Dossiers(Log log)
    {
        var goal = Goal.Of(Aim.Points);
        return AshNotch.Core.Partners.Dossiers.Of(
            log,
            PlaceValues.Of(Experience.Of(log, MatVocabulary.BuiltIn), goal),
            goal,
            new Rulebook([]).Of
        );
    }
}

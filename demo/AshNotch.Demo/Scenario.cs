using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Demo;

/// <summary>
/// The demo: an invented blue belt, ten weeks from 14 September 2026, three sessions a week. Eight weeks are simulated, the last two are
/// hand-written retellings read by the reader. What really costs them is the knee cut through their half guard; what gets them tapped most
/// is something else.
/// </summary>
public static class Scenario
{
    /// <summary>The partners, all invented.</summary>
    public static IReadOnlyList<Partner> Partners { get; } =
    [
        new()
        {
            Id = "alder",
            Name = "Alder",
            Belt = Belt.Purple,
            Stripes = 1,
            WeightKg = 82.5,
            Traits = ["long legs", "patient"],
            Notes = "Cuts the knee at any half guard.",
        },
        new()
        {
            Id = "birch",
            Name = "Birch",
            Belt = Belt.Blue,
            Stripes = 3,
            WeightKg = 73,
            Traits = ["quick", "inverts"],
        },
        new()
        {
            Id = "cedar",
            Name = "Cedar",
            Belt = Belt.White,
            Stripes = 4,
            WeightKg = 91,
            Traits = ["strong"],
        },
        new()
        {
            Id = "dogwood",
            Name = "Dogwood",
            Belt = Belt.Brown,
            Stripes = 0,
            WeightKg = 77,
            Traits = ["leg locks"],
            Notes = "Goes light when asked.",
        },
        new()
        {
            Id = "elm",
            Name = "Elm",
            Belt = Belt.Blue,
            Stripes = 1,
            Size = RelativeSize.Lighter,
            Traits = ["lasso"],
            Owed = [new Owed("how to keep the knee shield from being smashed", new DateOnly(2026, 11, 9), null)],
        },
        new()
        {
            Id = "fir",
            Name = "Fir",
            Belt = Belt.White,
            Stripes = 1,
            WeightKg = 68,
        },
        new()
        {
            Id = "hazel",
            Name = "Hazel",
            Belt = Belt.Purple,
            Stripes = 3,
            WeightKg = 64.5,
            Traits = ["closed guard"],
        },
        new()
        {
            Id = "juniper",
            Name = "Juniper",
            Belt = Belt.Blue,
            Stripes = 0,
            WeightKg = 79,
            Traits = ["wrestles"],
        },
        new()
        {
            Id = "larch",
            Name = "Larch",
            Belt = Belt.Black,
            Stripes = 1,
            WeightKg = 85,
            Notes = "Gives positions to work from.",
        },
        new()
        {
            Id = "maple",
            Name = "Maple",
            Belt = Belt.Blue,
            Stripes = 2,
            WeightKg = 75.5,
        },
        new()
        {
            Id = "rowan",
            Name = "Rowan",
            Belt = Belt.White,
            Stripes = 3,
            Size = RelativeSize.MuchHeavier,
        },
        new()
        {
            Id = "willow",
            Name = "Willow",
            Belt = Belt.Purple,
            Stripes = 0,
            WeightKg = 70,
            Traits = ["back takes"],
        },
    ];

    private static readonly DateOnly FirstMonday = new(2026, 9, 14);
    private static readonly DayOfWeek[] Days = [DayOfWeek.Monday, DayOfWeek.Wednesday, DayOfWeek.Saturday];

    /// <summary>The whole log: always the same.</summary>
    /// <param name="retellings">The text of the hand-written retellings.</param>
    public static Log Build(string retellings)
    {
        var random = new Random(1408);
        var mat = new Mat(random);
        var sessions = new List<Session>();
        for (var week = 0; week < 8; week++)
        {
            foreach (var day in Days)
            {
                var date = FirstMonday.AddDays(7 * week + ((int)day + 6) % 7);
                var competition = week == 5 && day == DayOfWeek.Saturday;
                var session = new Session
                {
                    Id = $"s{date:MMdd}",
                    Date = date,
                    Time = day == DayOfWeek.Saturday ? new TimeOnly(10, 30) : new TimeOnly(18, 45),
                    Kind =
                        competition ? SessionKind.Competition
                        : day == DayOfWeek.Saturday ? SessionKind.OpenMat
                        : SessionKind.Class,
                    Attire = day == DayOfWeek.Wednesday ? Attire.NoGi : Attire.Gi,
                    State = random.Next(5) == 0 ? new DayState(Energy.Tired, random.Next(2) == 0 ? ["right ring finger"] : [], null) : null,
                    Notes = competition ? "Small local open, three matches." : null,
                };
                var order = Partners.OrderBy(_ => random.Next()).Take(competition ? 2 : random.Next(3, 6)).ToList();
                sessions.Add(session with { Rolls = [.. order.Select((p, i) => mat.Roll($"{session.Id}-{i + 1}", p, competition))] });
            }
        }
        sessions.AddRange(Retellings.Read(retellings, Partners));
        return new Log
        {
            Practitioner = new Practitioner
            {
                Belt = Belt.Blue,
                Stripes = 2,
                WeightKg = 74,
                AgeDivision = AgeDivision.Master1,
                Category = MatchCategory.Men,
                Units = WeightUnit.Kg,
                History =
                [
                    new PractitionerThen(FirstMonday, Belt.Blue, 1, 75.5, AgeDivision.Master1),
                    new PractitionerThen(FirstMonday.AddDays(40), Belt.Blue, 2, 74, AgeDivision.Master1),
                ],
            },
            Partners = [.. Partners, Tournament.Stranger],
            Sessions = [.. Remembered.In(Tournament.In(Familiar.In(sessions)))],
        };
    }
}

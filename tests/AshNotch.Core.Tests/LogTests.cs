using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>What a log answers of itself: which session a roll belongs to, who a partner was that day, which rolls are wanted.</summary>
public class LogTests
{
    private static readonly Partner Oak = new()
    {
        Id = "oak",
        Name = "Oak",
        Belt = Belt.Brown,
    };

    private static Roll Roll(string id, string partner, string move = "knee-cut-pass") =>
        new()
        {
            Id = id,
            Partner = partner,
            Exchanges =
            [
                new Exchange
                {
                    Notches =
                    [
                        new Notch
                        {
                            By = Who.Me,
                            Move = new(move),
                            From = new("half-guard/top"),
                            Outcome = Outcome.Landed,
                        },
                    ],
                },
            ],
        };

    private static readonly Log Kept = new()
    {
        Partners = [Oak],
        Sessions =
        [
            new Session
            {
                Id = "s1",
                Date = new(2026, 3, 2),
                Kind = SessionKind.Class,
                Attire = Attire.Gi,
                Notes = "hot",
                Rolls = [Roll("r1", "oak"), Roll("r2", "elm", "tripod-pass")],
            },
            new Session
            {
                Id = "s2",
                Date = new(2026, 3, 4),
                Kind = SessionKind.Class,
                Attire = Attire.NoGi,
                Rolls = [Roll("r3", "oak")],
            },
        ],
    };

    [Fact]
    public void A_roll_of_the_same_day_kind_and_attire_joins_the_session_and_adds_to_its_notes_only_what_is_said()
    {
        var wanted = new Session
        {
            Id = "",
            Date = new(2026, 3, 2),
            Kind = SessionKind.Class,
            Attire = Attire.Gi,
            Time = new(18, 30),
        };
        var session = Kept.SessionFor(wanted, "new");
        Assert.Equal(("s1", "hot", new TimeOnly(18, 30)), (session.Id, session.Notes, session.Time));
        Assert.Equal("new", Kept.SessionFor(wanted with { Attire = Attire.NoGi }, "new").Id);
        Assert.Equal("named", Kept.SessionFor(wanted with { Id = "named" }, "new").Id);
    }

    [Fact]
    public void The_partner_is_the_one_of_that_day()
    {
        var then = new PartnerOfTheDay(Belt.Purple, 2, null, null);
        var roll = Roll("r1", "oak");
        Assert.Equal(Belt.Brown, roll.OnTheDay(Oak, null).PartnerThen.Belt);
        Assert.Equal(then, roll.OnTheDay(Oak, roll with { PartnerThen = then }).PartnerThen);
        Assert.Equal(Belt.Brown, roll.OnTheDay(Oak, roll with { Partner = "elm", PartnerThen = then }).PartnerThen.Belt);
        Assert.Equal(then, (roll with { PartnerThen = then }).OnTheDay(Oak, null).PartnerThen);
    }

    [Theory]
    [InlineData(null, null, null, "r3 r1 r2")]
    [InlineData("oak", null, null, "r3 r1")]
    [InlineData(null, Attire.Gi, null, "r1 r2")]
    [InlineData(null, null, "tripod-pass", "r2")]
    [InlineData("oak", Attire.NoGi, "half-guard/top", "r3")]
    [InlineData("ash", null, null, "")]
    public void The_rack_shows_the_rolls_that_are_wanted_newest_session_first(string? partner, Attire? attire, string? term, string ids)
    {
        var shown = new RackFilter(partner, attire, term).Of(Kept).ToList();
        Assert.Equal(ids, string.Join(' ', shown.SelectMany(s => s.Rolls).Select(r => r.Roll.Id)));
        Assert.All(shown, s => Assert.NotEmpty(s.Rolls));
    }

    [Fact]
    public void Own_terms_are_named_once_in_order()
    {
        var odd = Roll("r9", "oak", "dragon-roll");
        var notch = odd.Exchanges[0].Notches[0] with { To = new("barn/top") };
        var exchange = odd.Exchanges[0] with { Start = new("shed/top"), Notches = [notch, notch] };
        var log = Kept with { Sessions = [new Session { Id = "s", Rolls = [odd with { Exchanges = [exchange] }] }] };
        Assert.Equal(["shed/top", "barn/top", "dragon-roll"], OwnTerms.In(log.Sessions, MatVocabulary.BuiltIn));
        Assert.Empty(OwnTerms.In(Kept.Sessions, MatVocabulary.BuiltIn));
    }
}

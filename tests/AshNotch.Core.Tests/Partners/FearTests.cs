using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Partners;

public class FearTests
{
    private const string Shot = "me double-leg standing/neutral>side-control/top";
    private const string Choke = "partner guillotine standing/neutral";
    private static readonly Fear Guillotine = new("f", "their guillotine when I shoot", null, new("guillotine"), null, new("double-leg"));

    private static FearRecord Held(Fear fear, params (string Partner, string Told)[][] sessions)
    {
        var log = PartnerLogs.Of(sessions);
        var values = PlaceValues.Of(Experience.Of(log, MatVocabulary.BuiltIn), Goal.Of(Aim.Points));
        return FearRecord.Of([fear], log, values, Goal.Of(Aim.Points)).Single();
    }

    private static (string, string)[][] Times(int count, string told, string partner = "birch") =>
        [.. Enumerable.Repeat(new[] { (partner, told) }, count)];

    [Fact]
    public void A_fear_that_hardly_follows_what_brings_it_is_not_borne_out_and_what_can_hurt_keeps_its_caution()
    {
        var record = Held(Guillotine, [.. Times(19, Shot), .. Times(1, $"{Shot[..Shot.IndexOf('>')]} stopped|{Choke} near")]);
        Assert.Equal((20, new Came(1, 0), 1, new Came(20, 1)), (record.Rolls, record.Came, record.Near, record.Shown));
        Assert.Equal(FearVerdict.NotBornOut, record.Verdict);
        Assert.NotNull(record.Caution);
        Assert.Equal(
            [
                "It came once in 20 rolls and never came off; once it was near.",
                "You tried what brings it 20 times; it came within two steps once.",
                "It came seldom so far; it still deserves its caution.",
            ],
            FearWords.Of(record, Aim.Points)
        );
    }

    [Fact]
    public void A_fear_that_comes_and_costs_is_borne_out_and_says_what_keeping_from_it_would_cost()
    {
        var record = Held(
            Guillotine,
            [
                .. Times(10, $"{Shot[..Shot.IndexOf('>')]} stopped|{Choke} tap"),
                .. Times(10, "me single-leg standing/neutral>side-control/top"),
                .. Times(5, Shot),
            ]
        );
        Assert.Equal((FearVerdict.BornOut, new Came(15, 10)), (record.Verdict, record.Shown));
        Assert.True(record.Cost > 0 && record.Worth!.Mean < record.Instead);
        var says = FearWords.Of(record, Aim.Points);
        Assert.Contains(says, s => s.EndsWith("What else you do there brings more, afraid or not.", StringComparison.Ordinal));
        Assert.Equal("So far the record bears it out.", says[^1]);
    }

    [Fact]
    public void Without_anything_of_mine_it_is_held_against_all_that_theirs_cost()
    {
        var cut = new Fear("f", "the knee cut", null, new("knee-cut-pass"), null, null);
        var often = Held(cut, Times(12, PartnerLogs.Cut));
        Assert.Equal((FearVerdict.BornOut, 1.0), (often.Verdict, Math.Round(often.Share, 6)));
        Assert.Equal("It makes 100 in 100 of what theirs cost you in those rolls.", FearWords.Of(often, Aim.Points)[1]);
        var mount = new Fear("f", "being mounted", null, null, new PlaceId("mount/bottom"), null);
        Assert.Equal(FearVerdict.NotBornOut, Held(mount, Times(12, PartnerLogs.Cut)).Verdict);
        Assert.Equal(
            1,
            Held(mount, [.. Times(1, "partner step-to-mount side-control/bottom>mount/bottom"), .. Times(11, PartnerLogs.Cut)]).Came.Landed
        );
    }

    [Fact]
    public void One_partners_fear_is_held_against_rolls_with_them_alone_and_few_rolls_say_nothing()
    {
        var cut = new Fear("f", "Birch's knee cut", "birch", new("knee-cut-pass"), null, null);
        var record = Held(cut, [.. Times(3, PartnerLogs.Cut), .. Times(20, PartnerLogs.Cut, "cedar")]);
        Assert.Equal((3, new Came(3, 3), FearVerdict.Unknown), (record.Rolls, record.Came, record.Verdict));
        Assert.Equal("Too little was seen to say more.", FearWords.Of(record, Aim.Points)[^1]);
        var bare = Held(new Fear("f", "everything", null, null, null, null), Times(12, PartnerLogs.Cut));
        Assert.Equal(
            "Say what they do, or where it happens, and it is held against your rolls.",
            Assert.Single(FearWords.Of(bare, Aim.Points))
        );
    }

    [Fact]
    public void Hazards_stand_first_and_then_what_costs_most()
    {
        var log = PartnerLogs.Of(Times(12, PartnerLogs.Cut));
        var values = PlaceValues.Of(Experience.Of(log, MatVocabulary.BuiltIn), Goal.Of(Aim.Points));
        Fear[] fears =
        [
            new("a", "sweeps", null, new("scissor-sweep"), null, null),
            new("b", "cut", null, new("knee-cut-pass"), null, null),
            Guillotine,
        ];
        Assert.Equal(["f", "b", "a"], FearRecord.Of(fears, log, values, Goal.Of(Aim.Points)).Select(r => r.Fear.Id));
    }

    [Fact]
    public void Tunnel_vision_is_told_by_its_cause()
    {
        var log = PartnerLogs.Of(Times(2, PartnerLogs.Cut));
        log = log with
        {
            Sessions =
            [
                .. log.Sessions.Select(s =>
                    s with
                    {
                        Rolls =
                        [
                            .. s.Rolls.Select(r =>
                                r with
                                {
                                    Exchanges =
                                    [
                                        .. r.Exchanges.Select(e =>
                                            e with
                                            {
                                                Notches = [e.Notches[0] with { Causes = [TunnelWords.Cause] }],
                                            }
                                        ),
                                    ],
                                }
                            ),
                        ],
                    }
                ),
            ],
        };
        Assert.Equal(
            ["You put their knee cut pass down to tunnel vision twice."],
            TunnelWords.Of(new MoveBook([], []), log, MatVocabulary.BuiltIn)
        );
        Assert.Contains(TunnelWords.Cause, Causes.Offered);
    }
}

using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests.Partners;

public class HeedTests
{
    private const string Triangle = "me triangle-choke closed-guard/bottom";

    private static (string, string)[][] Times(int count, params (string, string)[] rolls) => [.. Enumerable.Repeat(rolls, count)];

    [Fact]
    public void What_costs_most_with_them_comes_first()
    {
        var log = PartnerLogs.Of([
            .. Times(6, ("birch", PartnerLogs.Cut), ("cedar", PartnerLogs.Sweep)),
            .. Times(2, ("birch", "partner rear-naked-choke back-control/bottom tap"), ("cedar", PartnerLogs.Cut)),
        ]);
        var heeds = PartnerLogs.Dossiers(log).Of("birch", PartnerLogs.First).Watch;
        Assert.All(heeds, h => Assert.True(h.Worth > 0));
        Assert.Equal(heeds.OrderByDescending(h => h.Worth), heeds);
        var cut = heeds.Single(h => h.Way.Move!.Value.Value == "knee-cut-pass");
        Assert.Equal(HeedKind.WatchFor, cut.Kind);
        Assert.Equal("They pass your half guard with the knee cut: 6 times in 8 rolls; with the others about twice.", cut.Say);
    }

    [Fact]
    public void What_fails_with_them_alone_is_to_be_kept_from_and_what_works_with_them_alone_to_be_tried()
    {
        var log = PartnerLogs.Of([
            .. Times(
                8,
                ("birch", $"{Triangle} stopped|partner pass-the-guard closed-guard/bottom>side-control/bottom"),
                ("cedar", $"{Triangle} tap")
            ),
            .. Times(8, ("birch", PartnerLogs.Sweep), ("cedar", "me scissor-sweep closed-guard/bottom stopped")),
        ]);
        var heeds = PartnerLogs.Dossiers(log).Of("birch", PartnerLogs.First).Watch;
        var keep = heeds.Single(h => h.Kind == HeedKind.KeepFrom);
        Assert.Equal("Your triangle choke from your closed guard seldom comes off with Birch: 0 of 8, with the others 8 of 8.", keep.Say);
        var attempt = heeds.Single(h => h.Kind == HeedKind.Try);
        Assert.Equal("Your scissor sweep from your closed guard comes off with Birch: 8 of 8, with the others 0 of 8.", attempt.Say);
    }

    [Fact]
    public void For_somebody_hardly_met_people_like_them_speak()
    {
        Partner Blue(string id, double kilograms, Belt belt = Belt.Purple) =>
            PartnerLogs.Named(id) with
            {
                Belt = belt,
                WeightKg = kilograms,
            };
        var log = PartnerLogs.Of(
            [Blue("birch", 90), Blue("cedar", 60, Belt.White), Blue("new", 92)],
            2,
            Times(8, ("birch", PartnerLogs.Cut), ("cedar", "partner toreando-pass seated-guard/bottom>side-control/bottom"))
        );
        var dossiers = PartnerLogs.Dossiers(log);
        var heed = Assert.Single(dossiers.Of(Blue("new", 92), PartnerLogs.First).Watch);
        Assert.True(heed.OfKin);
        Assert.Equal("People like New do this: they pass your half guard with the knee cut, 8 times in 8 rolls.", heed.Say);
        // Of a stranger of whom nothing is known, everybody speaks.
        var stranger = dossiers.Heed(new Partner { Id = "stranger", Name = "Tall one" }, 5);
        Assert.Equal(2, stranger.Count);
        Assert.All(stranger, h => Assert.StartsWith("Nobody like Tall one is in the log", h.Say, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("birch", true)]
    [InlineData("heavy", false)]
    [InlineData("white", false)]
    [InlineData("hooks", true)]
    [InlineData("unknown", false)]
    public void People_alike_are_of_about_one_belt_and_size_or_share_a_trait(string id, bool isAlike)
    {
        Partner[] partners =
        [
            PartnerLogs.Named("birch") with
            {
                Belt = Belt.Purple,
                Stripes = 1,
                WeightKg = 84,
            },
            PartnerLogs.Named("heavy") with
            {
                Belt = Belt.Purple,
                WeightKg = 110,
            },
            PartnerLogs.Named("white") with
            {
                Belt = Belt.White,
                WeightKg = 80,
            },
            PartnerLogs.Named("hooks") with
            {
                Belt = Belt.White,
                WeightKg = 60,
                Traits = ["Leg locks"],
            },
            PartnerLogs.Named("unknown"),
        ];
        var log = PartnerLogs.Of(partners, 1);
        var somebody = PartnerLogs.Named("new") with { Belt = Belt.Purple, WeightKg = 80, Traits = ["leg locks"] };
        Assert.Equal(isAlike, Kin.Of(log, somebody).Contains(id));
        Assert.Empty(Kin.Of(log, PartnerLogs.Named("nobody")));
    }
}

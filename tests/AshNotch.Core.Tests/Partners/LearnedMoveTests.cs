using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Partners;

public class LearnedMoveTests
{
    // A roll with Birch and one with Cedar a session; of each ten tries so many come off, spread evenly.
    private static Log Course(Func<int, int> birch, Func<int, int> cedar, string move = PartnerLogs.Sweep, int sessions = 60) =>
        PartnerLogs.Of([
            .. Enumerable
                .Range(0, sessions)
                .Select(s => new[] { ("birch", Try(s, birch(s))), ("cedar", Try(s, cedar(s))), ("fir", Try(s + 5, cedar(s))) }),
        ]);

    private static string TryOf(string move, bool comes) => comes ? move : $"{move[..move.IndexOf('>')]} stopped";

    private static string Try(int session, int often) => TryOf(PartnerLogs.Sweep, session * 7 % 10 < often);

    [Fact]
    public void A_favourite_that_fades_with_one_and_holds_with_the_others_was_learned_by_that_one()
    {
        var log = Course(s => s < 30 ? 7 : 2, _ => 7);
        var dossiers = PartnerLogs.Dossiers(log);
        var learned = Assert.Single(dossiers.Of("birch", PartnerLogs.First.AddDays(200)).Learned);
        Assert.Equal((Who.Partner, "scissor-sweep"), (learned.By, learned.Way.Move!.Value.Value));
        Assert.InRange(learned.Chance, 0.8, 1);
        Assert.True(learned.Before.Landed > 2 * learned.Lately.Landed);
        Assert.True(2 * learned.Elsewhere.Landed > learned.Elsewhere.Tried);
        Assert.Equal(60, learned.Before.Tried + learned.Lately.Tried);
        Assert.Equal(120, learned.Elsewhere.Tried + learned.ElsewhereBefore.Tried);
        Assert.Empty(dossiers.Of("cedar", PartnerLogs.First).Learned);
        var said = LearnedWords.Of(learned, "Birch", MatVocabulary.BuiltIn);
        Assert.StartsWith("Birch may have learned your scissor sweep from your closed guard: it came off ", said, StringComparison.Ordinal);
        Assert.Contains($"{learned.Lately.Landed} of {learned.Lately.Tried} since ", said, StringComparison.Ordinal);
    }

    [Fact]
    public void What_fades_with_everybody_or_never_worked_with_them_was_not_learned()
    {
        Assert.Empty(PartnerLogs.Dossiers(Course(s => s < 30 ? 7 : 2, s => s < 30 ? 7 : 2)).Of("birch", PartnerLogs.First).Learned);
        Assert.Empty(PartnerLogs.Dossiers(Course(_ => 2, _ => 7)).Of("birch", PartnerLogs.First).Learned);
        Assert.Empty(PartnerLogs.Dossiers(Course(_ => 7, _ => 7)).Of("birch", PartnerLogs.First).Learned);
        // Under twenty tries nothing is said, however they came out.
        Assert.Empty(PartnerLogs.Dossiers(Course(s => s < 9 ? 10 : 0, _ => 7, sessions: 18)).Of("birch", PartnerLogs.First).Learned);
    }

    [Fact]
    public void What_comes_off_more_and_more_is_no_learning_of_theirs() =>
        Assert.Empty(PartnerLogs.Dossiers(Course(s => s < 30 ? 2 : 8, _ => 5)).Of("birch", PartnerLogs.First).Learned);

    [Fact]
    public void A_move_of_theirs_that_fades_with_me_alone_I_have_solved()
    {
        var log = PartnerLogs.Of([
            .. Enumerable
                .Range(0, 60)
                .Select(s =>
                    new[]
                    {
                        ("birch", TryOf(PartnerLogs.Cut, s * 7 % 10 < (s < 30 ? 8 : 1))),
                        ("cedar", TryOf(PartnerLogs.Cut, s * 7 % 10 < 7)),
                    }
                ),
        ]);
        var learned = Assert.Single(PartnerLogs.Dossiers(log).Of("birch", PartnerLogs.First).Learned);
        Assert.Equal((Who.Me, Who.Partner), (learned.By, learned.Way.By));
        Assert.StartsWith(
            "You may have solved Birch's knee cut pass from your half guard: ",
            LearnedWords.Of(learned, "Birch", MatVocabulary.BuiltIn),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void The_evidence_is_what_summing_over_all_that_is_held_possible_gives()
    {
        // The same model summed over a grid of its three numbers, with none of the code of the approximation.
        bool[] own = [.. Enumerable.Range(0, 24).Select(i => i < 12 ? i % 4 != 0 : i % 4 == 0)];
        bool[] others = [.. Enumerable.Range(0, 40).Select(i => i % 2 == 0)];
        var heaps = new Heaps();
        foreach (var (i, came) in own.Index())
            heaps.Add(true, (i + 0.5) / own.Length, 0.4, came);
        foreach (var (i, came) in others.Index())
            heaps.Add(false, i / 40.0, -0.8, came);
        var (factor, turn) = LearningEvidence.Of(heaps, 0.7);
        Assert.Equal(Math.Log(Summed(own, others)), Math.Log(factor), 0.1);
        Assert.InRange(turn, 0.3, 0.7);
    }

    [Fact]
    public void Partners_who_differ_more_than_chance_give_a_wider_spread()
    {
        Assert.True(Spread(5, 5, 5, 5) < Spread(1, 9, 2, 8));

        // A second move that comes off alike with all of them says that they are equals.
        static double Spread(params int[] often)
        {
            List<TryWith> one = [.. often.SelectMany((o, p) => Enumerable.Range(0, 30).Select(i => Tried(i % 10 < o, $"p{p}")))];
            List<TryWith> other =
            [
                .. often.SelectMany((_, p) => Enumerable.Range(0, 60).Select(i => Tried(i % 2 == 0, $"p{p}", "me armbar mount/top tap"))),
            ];
            Dictionary<Way, List<TryWith>> tries = new() { [one[0].Way] = one, [other[0].Way] = other };
            return OwnSpread.Of(tries.Values, by => Edges.Of(tries, by));
        }
    }

    [Fact]
    public void A_partner_with_whom_everything_fails_has_an_edge_and_one_move_says_nothing_of_its_own()
    {
        static List<TryWith> Tries(string move, int birch, int cedar) =>
            [
                .. Enumerable.Range(0, 40).Select(i => Tried(i % 10 < birch, "birch", move)),
                .. Enumerable.Range(0, 40).Select(i => Tried(i % 10 < cedar, "cedar", move)),
            ];
        var (sweep, armbar) = (Tries(PartnerLogs.Sweep, 2, 6), Tries("me armbar mount/top tap", 2, 6));
        var edges = Edges.Of(new() { [sweep[0].Way] = sweep, [armbar[0].Way] = armbar }, Who.Me);
        Assert.True(edges.Of("birch") < -0.4 && edges.Of("cedar") > 0.3);
        Assert.Equal(0, edges.Of("nobody"));
        Assert.Equal(0, edges.Of(null));
        // With one move left out the same is told by the other, and less surely.
        var (edge, variance) = edges.Without("birch", sweep[0].Way);
        Assert.InRange(edge, edges.Of("birch"), -0.3);
        var alone = Edges.Of(new() { [sweep[0].Way] = sweep }, Who.Me).Without("birch", sweep[0].Way);
        Assert.Equal((0, 0.49), (Math.Round(Math.Abs(alone.Edge), 4), Math.Round(alone.Variance, 4)));
        Assert.True(variance < alone.Variance);
    }

    private static TryWith Tried(bool cameOff, string partner, string move = PartnerLogs.Sweep)
    {
        var told = cameOff ? move : $"{move.Replace(" tap", "", StringComparison.Ordinal).Split('>')[0]} stopped";
        var one = Happening.ByExchange(
            PartnerLogs.Of([
                [(partner, told)],
            ]),
            MatVocabulary.BuiltIn
        )[0][0];
        return new TryWith(Way.Of(one.From!.Value, Who.Me, one.Notch.Move, null), one, null);
    }

    private static double Summed(bool[] own, bool[] others)
    {
        (double Fall, double Weight)[] falls = [(0.6, 0.25), (1.1, 0.3), (1.6, 0.25), (2.3, 0.2)];
        var (with, without) = (0.0, 0.0);
        foreach (var shape in TurnShape.All)
        {
            without += Total(shape, 0);
            with += falls.Sum(f => f.Weight * Total(shape, f.Fall));
        }
        return with / without;

        double Total(TurnShape shape, double fall)
        {
            var sum = 0.0;
            for (var level = -3.0; level <= 3; level += 0.25)
            for (var drift = -3.0; drift <= 3; drift += 0.25)
            for (var theirs = -2.0; theirs <= 2; theirs += 0.25)
            {
                var log = -0.5 * (level * level / 2.25 + drift * drift + theirs * theirs / 0.49);
                foreach (var (i, came) in own.Index())
                    log += Likelihood(came, 0.4 + level + theirs + (drift - fall) * Graded(shape, (i + 0.5) / own.Length));
                foreach (var (i, came) in others.Index())
                    log += Likelihood(came, -0.8 + level + drift * Graded(shape, i / 40.0));
                sum += Math.Exp(log);
            }
            return sum;
        }

        // As coarsely as the heaps are: sixty shares, eight grades.
        static double Graded(TurnShape shape, double share) => Math.Round(shape.At(Math.Round(share * 60) / 60) * 8) / 8;

        static double Likelihood(bool cameOff, double odds) => -Math.Log(1 + Math.Exp(cameOff ? -odds : odds));
    }
}

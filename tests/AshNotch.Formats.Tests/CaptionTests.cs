using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Captions;
using AshNotch.Formats.Json;

namespace AshNotch.Formats.Tests;

public class CaptionTests
{
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);

    private const string Srt = """
        1
        00:00:05,000 --> 00:00:08,000
        so i pulled guard to half guard

        2
        00:01:10,500 --> 00:01:14,000
        <i>he knee cut</i> to side control

        3
        00:02:00,000 --> 00:02:03,000
        and he finished
        an americana
        """;

    private const string Vtt = """
        WEBVTT - my roll

        STYLE
        ::cue { color: lime }

        NOTE armbar armbar armbar

        opening
        00:05.000 --> 00:08.000 align:start
        <v Me>so i pulled guard to half guard

        01:10.500 --> 01:14.000
        he <00:01:11.000>knee cut to side control

        00:02:00.000 --> 00:02:03.000
        and he finished an americana &amp; that was it
        """;

    private static IReadOnlyList<(Who, string?, int?)> Told(string captions)
    {
        var told = CaptionReader.Read(captions);
        return
        [
            .. told
                .Said.Give(RollReader.Read(told.Text, Book))
                .Exchanges.SelectMany(e => e.Exchange.Notches)
                .Select(n => (n.By, n.Move?.Value, n.At?.Seconds)),
        ];
    }

    [Theory]
    [InlineData(Srt)]
    [InlineData(Vtt)]
    public void Captions_are_read_as_a_telling_with_the_times_they_were_said_at(string captions)
    {
        Assert.True(CaptionReader.IsCaptions(captions));
        Assert.Equal([(Who.Me, "guard-pull", 5), (Who.Partner, "knee-cut-pass", 70), (Who.Partner, "americana", 120)], Told(captions));
        Assert.Empty(CaptionReader.Read(captions).Faults);
        Assert.Equal(Told(captions), Told(captions.Replace("\n", "\r\n", StringComparison.Ordinal)));
    }

    [Theory]
    [InlineData("00:01:10,500 --> 00:01:14,000", "00:99:10,500 --> 00:01:14,000")]
    [InlineData("00:01:10,500 --> 00:01:14,000", "soon --> later")]
    [InlineData("00:01:10,500 --> 00:01:14,000", "--> 00:01:14,000")]
    public void Broken_times_are_told_by_line_and_no_word_is_lost(string right, string wrong)
    {
        var told = CaptionReader.Read(Srt.Replace(right, wrong, StringComparison.Ordinal));
        Assert.Equal("line 6", Assert.Single(told.Faults).Where);
        Assert.Contains("he knee cut to side control", told.Text, StringComparison.Ordinal);
        Assert.Equal([5, 120], told.Said.Times.Select(t => t.Seconds));
    }

    [Theory]
    [InlineData("I pulled guard. He passed.")]
    [InlineData("")]
    [InlineData("At 1:30 he passed --> side control")]
    public void Plain_writing_is_not_taken_for_captions(string text) => Assert.False(CaptionReader.IsCaptions(text));

    [Fact]
    public void A_roll_goes_out_as_either_kind_and_comes_back_with_its_notches_and_times()
    {
        const string Text =
            "Started in my half guard.\nAt 0:10 they tried the knee cut pass.\nAt 0:40 I got the old school sweep.\nAt 1:05 I "
            + "almost got the americana.\nAt 1:50 they got the guard recovery.\nReset.\nStarted standing.\nAt 2:30 they got the "
            + "double leg.\nAt 4:00 they finished the kimura.";
        var roll = new Roll
        {
            Id = "r",
            Exchanges = [.. RollReader.Read(Text, Book, stop: TestContext.Current.CancellationToken).Exchanges.Select(e => e.Exchange)],
        };
        Assert.Equal(6, roll.Notches.Count());
        var cues = CaptionWriter.Cues(roll, MatVocabulary.BuiltIn);
        foreach (var written in (string[])[CaptionWriter.Vtt(cues), CaptionWriter.Srt(cues)])
        {
            var told = CaptionReader.Read(written);
            Assert.Empty(told.Faults);
            var back = told
                .Said.Give(RollReader.Read(told.Text, Book, stop: TestContext.Current.CancellationToken))
                .Exchanges.Select(e => e.Exchange)
                .ToList();
            Assert.Equal(roll.Notches.Select(Whole), back.SelectMany(e => e.Notches).Select(Whole));
            Assert.Equal(roll.Exchanges.Select(e => (e.Start, e.End)), back.Select(e => (e.Start, e.End)));
        }

        static string Whole(Notch n) => $"{n.By} {n.Move} {n.From} {n.To} {n.Outcome} {n.At}";
    }

    [Fact]
    public void The_rolls_of_the_demo_come_back_from_captions_as_they_were()
    {
        using var demo = File.OpenRead(Path.Combine(LogJsonTests.Root, "demo", "demo-log.json"));
        var (same, of) = (0, 0);
        var lost = new List<string>();
        foreach (var (_, roll, _) in LogReader.Read(demo, MatVocabulary.BuiltIn).Log.Rolls)
        {
            var seconds = 0;
            var timed = roll with
            {
                Exchanges =
                [
                    .. roll.Exchanges.Select(e =>
                        e with
                        {
                            Notches = [.. e.Notches.Select(n => n with { At = new RollTime(seconds += 10) })],
                        }
                    ),
                ],
            };
            var told = CaptionReader.Read(CaptionWriter.Vtt(CaptionWriter.Cues(timed, MatVocabulary.BuiltIn)));
            var back = told
                .Said.Give(RollReader.Read(told.Text, Book, stop: TestContext.Current.CancellationToken))
                .Exchanges.SelectMany(e => e.Exchange.Notches)
                .Select(Whole)
                .ToList();
            foreach (var notch in timed.Notches.Select(Whole))
            {
                of++;
                if (back.Remove(notch))
                    same++;
                else
                    lost.Add($"{roll.Id}: {notch} | {string.Join(" ; ", back)}");
            }
        }
        Assert.True(same >= 0.97 * of, $"{same} of {of} came back; not {string.Join('\n', lost)}");

        static string Whole(Notch n) => $"{n.By} {n.Move} {n.From} {n.To} {n.Outcome} {n.Side} {n.At}";
    }

    [Fact]
    public void Cues_do_not_overlap_and_angle_brackets_are_only_text()
    {
        Notch At(int seconds) =>
            new()
            {
                By = Who.Me,
                Move = new("our<b>move"),
                Outcome = Outcome.Landed,
                At = new RollTime(seconds),
            };
        var cues = CaptionWriter.Cues(
            new Roll { Id = "r", Exchanges = [new Exchange { Notches = [At(1), At(2), At(9), At(9)] }] },
            MatVocabulary.BuiltIn
        );
        Assert.All(cues.Zip(cues.Skip(1)), p => Assert.True(p.First.End <= p.Second.Start));
        Assert.DoesNotContain("<b>", CaptionWriter.Vtt(cues), StringComparison.Ordinal);
        Assert.Contains("our<b>move", CaptionReader.Read(CaptionWriter.Vtt(cues)).Text, StringComparison.Ordinal);
    }
}

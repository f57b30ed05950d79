using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.Formats.Tests;

public class LogPiecesTests
{
    private const string Session = """
        { "notes": "he said \"sessions\": [ } ] , \\", "rolls": [ { "exchanges": [ { "notches": [ 
        { "by": "me", "move": "armbar", "outcome": "landed" } ] } ] } ] }
        """;

    private static string Log(int sessions, string between, string tail = "", string name = "\"sessions\"") =>
        "{ \"format\": \"ash-notch-log\", \"version\": 1,\n \"partners\": [],\n"
        + $" {name} :\n [ "
        + string.Join("," + between, Enumerable.Repeat(Session, sessions))
        + $"\n ]{tail} }}";

    private static ReadLog Read(Stream stream) => LogReader.Read(stream, MatVocabulary.BuiltIn);

    private static MemoryStream Bytes(string text) => new(Encoding.UTF8.GetBytes(text));

    private static Fault Fault(string text) => Assert.Single(Assert.Throws<FaultyInputException>(() => Read(Bytes(text))).Faults);

    [Fact]
    public void Years_of_sessions_are_read_in_their_order_however_the_bytes_come_in()
    {
        var n = 0;
        var text = Regex.Replace(Log(1500, "\n"), Regex.Escape(Session), _ => Session.Insert(1, $" \"id\": \"s{++n}\", "));
        var read = Read(new Trickle(Bytes(text))).Log;
        Assert.Equal(Enumerable.Range(1, 1500).Select(i => $"s{i}"), read.Sessions.Select(s => s.Id));
        Assert.All(read.Sessions, s => Assert.Equal("he said \"sessions\": [ } ] , \\", s.Notes));
    }

    [Theory]
    [InlineData("", "\n")]
    [InlineData(" ", "")]
    [InlineData("\n\n", "\n")]
    public void A_cut_text_put_together_is_the_whole(string between, string tail)
    {
        var text = Log(900, between, tail);
        var pieces = new LogPieces(new Trickle(Bytes(text)));
        var cut = pieces.Cut().Select(p => (p.First, p.Begin, Json: Encoding.UTF8.GetString(p.Json))).ToList();
        Assert.InRange(cut.Count, 2, 10);
        var head = Encoding.UTF8.GetString(pieces.Head);
        var opens = head.IndexOf('[', head.IndexOf("\"sessions\"", StringComparison.Ordinal)) + 1;
        Assert.Equal(text, head.Insert(opens, string.Join(",", cut.Select(p => p.Json[1..^1]))));

        var (sessions, first) = (0, opens);
        foreach (var piece in cut)
        {
            Assert.Equal(sessions, piece.First);
            Assert.Equal(
                new TextPosition(0, 0).After(Encoding.UTF8.GetBytes(text[..first])),
                piece.Begin with
                {
                    Column = piece.Begin.Column + 1,
                }
            );
            sessions += JsonDocument.Parse(piece.Json).RootElement.GetArrayLength();
            first += piece.Json.Length - 1;
        }
        Assert.Equal(900, sessions);
    }

    [Theory]
    [InlineData("\n")]
    [InlineData(" ")]
    public void A_fault_deep_in_a_long_log_is_told_where_it_stands(string between)
    {
        var text = Log(1500, between);
        var at = Nth(text, "\"landed\"", 1203);
        Assert.Equal("sessions[1202].rolls[0].exchanges[0].notches[0].outcome", Fault(text[..at] + "\"glided\"" + text[(at + 8)..]).Where);

        var broken = Fault(text[..at] + "landed\" " + text[(at + 8)..]);
        var before = text[..at];
        Assert.Equal($"line {before.Count(c => c == '\n') + 1}, column {at - before.LastIndexOf('\n')}", broken.Where);
        Assert.StartsWith("sessions[1202].rolls[0]", broken.What, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(" ", ", \"focuses\": [ nothing ]")]
    [InlineData("\n", ", \"focuses\": [ nothing ]")]
    [InlineData("\n", ",\n\n\"focuses\": [ nothing ]")]
    public void What_stands_after_the_sessions_is_told_by_its_own_line_too(string between, string tail)
    {
        var text = Log(400, between, tail);
        // The reader of JSON takes the second letter for the first that is wrong.
        var before = text[..(text.IndexOf("nothing", StringComparison.Ordinal) + 1)];
        Assert.Equal($"line {before.Count(c => c == '\n') + 1}, column {before.Length - before.LastIndexOf('\n')}", Fault(text).Where);
    }

    [Fact]
    public void A_text_that_breaks_off_is_refused()
    {
        var text = Log(1500, "\n");
        foreach (var length in (int[])[text.Length - 2, text.Length - 5, text.Length / 2, Nth(text, "\"landed\"", 900), 40])
            Assert.Contains("not valid JSON", Fault(text[..length]).What, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("\"s\\u0065ssions\"", 3)]
    [InlineData("\"my \\\"sessions\"", 0)]
    [InlineData("\"sessions\"", 3)]
    public void The_list_is_known_by_its_name_alone(string name, int sessions) =>
        Assert.Equal(sessions, Read(Bytes(Log(3, "\n", name: name))).Log.Sessions.Count);

    [Fact]
    public void A_byte_order_mark_is_no_part_of_the_text()
    {
        byte[] marked = [0xEF, 0xBB, 0xBF, .. Encoding.UTF8.GetBytes(Log(3, "\n"))];
        Assert.Equal(3, Read(new Trickle(new MemoryStream(marked))).Log.Sessions.Count);
    }

    [Fact]
    public void Trouble_of_the_stream_comes_out_as_it_is() =>
        Assert.Equal("the disk is gone", Assert.Throws<IOException>(() => Read(new Trickle(Bytes(Log(900, " ")), 100_000))).Message);

    [Theory]
    [InlineData("\\ud800")]
    [InlineData("\u0001")]
    public void A_text_that_is_none_is_told_where_it_stands(string text)
    {
        var log = Log(40, "\n");
        var at = Nth(log, "armbar", 31);
        var fault = Fault(log[..at] + text + log[at..]);
        Assert.StartsWith("sessions[30].rolls[0].exchanges[0].notches[0].move", fault.What, StringComparison.Ordinal);
    }

    [Fact]
    public void The_same_ids_are_one_string_each_and_long_or_foreign_ones_stay_what_they_are()
    {
        var odd = new string('x', 90);
        var text = $$"""
            { "format": "ash-notch-log", "version": 1, "sessions": [ { "notes": "{{odd}}", "rolls": [ { "notes": "ハーフ",
            "exchanges": [ { "notches": [ { "by": "me", "move": "arm\u0062ar", "outcome": "tap" }, { "by": "me", "move": "armbar", "outcome": "tap" },
            { "by": "me", "move": "armbar", "outcome": "tap" } ] } ] } ] } ] }
            """;
        var session = Read(Bytes(text)).Log.Sessions.Single();
        Assert.Equal((odd, "ハーフ"), (session.Notes, session.Rolls[0].Notes));
        var moves = session.Rolls[0].Notches.Select(n => n.Move!.Value.Value).ToList();
        Assert.All(moves, m => Assert.Equal("armbar", m));
        Assert.Same(moves[1], moves[2]);
    }

    [Fact]
    public void Positions_are_told_from_either_begin()
    {
        var begin = new TextPosition(4, 10);
        Assert.Equal(new TextPosition(4, 13), begin.After("abc"u8));
        Assert.Equal(new TextPosition(6, 2), begin.After("a\nbcd\nef"u8));
        foreach (var at in (TextPosition[])[new(4, 10), new(4, 30), new(5, 0), new(9, 2)])
        {
            Assert.Equal(at, at.Since(begin).From(begin));
            Assert.False(at.IsBefore(begin));
        }
        Assert.True(new TextPosition(3, 99).IsBefore(begin) && new TextPosition(4, 9).IsBefore(begin));
    }

    [Fact]
    public void Lists_of_other_things_are_no_sessions()
    {
        var other = "{ \"format\": \"ash-notch-log\", \"version\": 1, \"x\": { \"sessions\": [ 1 ] }, \"sessions\": null }";
        Assert.Empty(Read(Bytes(other)).Log.Sessions);
        Assert.Contains("wrong type", Fault(Log(0, "", ", \"ownNames\": { \"sessions\": [] }")).What, StringComparison.Ordinal);
    }

    private static int Nth(string text, string part, int n)
    {
        var at = -1;
        for (var i = 0; i < n; i++)
            at = text.IndexOf(part, at + 1, StringComparison.Ordinal);
        return at;
    }

    // Gives few bytes at a time, never the same number, as a pipe may.
    private sealed class Trickle(Stream inner, int breaksAfter = int.MaxValue) : Stream
    {
        private int turn;
        private int given;

        public override bool CanRead => true;

        public override bool CanSeek => false;

        public override bool CanWrite => false;

        public override long Length => throw new NotSupportedException();

        public override long Position
        {
            get => throw new NotSupportedException();
            set => throw new NotSupportedException();
        }

        public override int Read(byte[] buffer, int offset, int count)
        {
            if (given > breaksAfter)
                throw new IOException("the disk is gone");
            var read = inner.Read(buffer, offset, Math.Min(count, 1 + (turn++ * 7919 % 1000)));
            given += read;
            return read;
        }

        public override void Flush() { }

        public override long Seek(long offset, SeekOrigin origin) => throw new NotSupportedException();

        public override void SetLength(long value) => throw new NotSupportedException();

        public override void Write(byte[] buffer, int offset, int count) => throw new NotSupportedException();
    }
}

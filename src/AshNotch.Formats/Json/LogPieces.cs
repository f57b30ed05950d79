using System.Buffers;

namespace AshNotch.Formats.Json;

/// <summary>
/// A log's text cut between its sessions, so that years of them are read a handful at a time. Only quotes and brackets are looked at: whether
/// a piece is sound shows when it is read.
/// </summary>
/// <param name="stream">The text in UTF-8.</param>
public sealed class LogPieces(Stream stream)
{
    private const int Enough = 1 << 16;
    private const int InSessions = 2;
    private static readonly byte[] Mark = [0xEF, 0xBB, 0xBF];
    private static readonly SearchValues<byte> Marks = SearchValues.Create("\"{}[],"u8);
    private static readonly SearchValues<byte> TextMarks = SearchValues.Create("\"\\"u8);

    private readonly ArrayBufferWriter<byte> head = new();
    private LogPiece? piece;
    private bool isPast;
    private int depth;
    private bool isText;
    private bool isEscaped;
    private int sessions;
    private TextPosition taken;
    private TextPosition opened;
    private TextPosition closed;

    /// <summary>Everything but the sessions, whose list stands empty there. To be had when all pieces were.</summary>
    public ReadOnlySpan<byte> Head => head.WrittenSpan;

    /// <summary>Where something stands in the whole text that stands there in the head.</summary>
    public TextPosition InWhole(TextPosition inHead) => !isPast || inHead.IsBefore(opened) ? inHead : inHead.Since(opened).From(closed);

    /// <summary>The sessions in order, some at a time. A text that breaks off among them gives a last piece that is not sound.</summary>
    public IEnumerable<LogPiece> Cut()
    {
        var buffer = new byte[1 << 16];
        // Some editors put a byte-order mark before the text.
        var read = stream.ReadAtLeast(buffer, Mark.Length, throwOnEndOfStream: false);
        var begin = buffer.AsSpan(0, read).StartsWith(Mark) ? Mark.Length : 0;
        for (; read > 0; (read, begin) = (stream.Read(buffer), 0))
        {
            for (var from = begin; from < read; )
            {
                from += Take(buffer.AsSpan(from, read - from), out var finished);
                if (finished is not null)
                    yield return finished;
            }
        }
        if (piece is not null)
            yield return piece;
    }

    // Takes text up to the next cut, or all of it; says how much.
    private int Take(ReadOnlySpan<byte> text, out LogPiece? finished)
    {
        var at = 0;
        finished = null;
        while (at < text.Length)
        {
            if (isEscaped)
            {
                isEscaped = false;
                at++;
                continue;
            }
            var next = text[at..].IndexOfAny(isText ? TextMarks : Marks);
            if (next < 0)
                break;
            at += next + 1;
            switch (text[at - 1])
            {
                case (byte)'"':
                    isText = !isText;
                    break;
                case (byte)'\\':
                    isEscaped = true;
                    break;
                case (byte)'{':
                    depth++;
                    break;
                case (byte)'[':
                    depth++;
                    if (depth == InSessions && piece is null && !isPast)
                    {
                        Keep(text[..at]);
                        if (OpensSessions(Head))
                        {
                            opened = taken;
                            piece = Begin();
                        }
                        return at;
                    }
                    break;
                case (byte)'}':
                    depth--;
                    break;
                case (byte)']':
                    depth--;
                    if (piece is not null && depth < InSessions)
                    {
                        finished = piece;
                        Keep(text[..(at - 1)]);
                        closed = taken;
                        finished.Add("]"u8);
                        (piece, isPast) = (null, true);
                        Keep(text[(at - 1)..at]);
                        return at;
                    }
                    break;
                case (byte)',' when piece is not null && depth == InSessions:
                    sessions++;
                    if (piece.Json.Length + at >= Enough)
                    {
                        finished = piece;
                        Keep(text[..(at - 1)]);
                        finished.Add("]"u8);
                        taken = taken.After(","u8);
                        piece = Begin();
                        return at;
                    }
                    break;
                default:
                    break;
            }
        }
        Keep(text);
        return text.Length;
    }

    private LogPiece Begin()
    {
        // The bracket is ours: the first session stands where it does.
        var begun = new LogPiece(sessions, new TextPosition(taken.Line, taken.Column - 1));
        begun.Add("["u8);
        return begun;
    }

    private void Keep(ReadOnlySpan<byte> text)
    {
        if (piece is null)
            head.Write(text);
        else
            piece.Add(text);
        taken = taken.After(text);
    }

    // Whether a text that ends with a bracket opens the list of the sessions.
    private static bool OpensSessions(ReadOnlySpan<byte> text)
    {
        var name = text[..^1].TrimEnd(" \t\r\n"u8);
        if (!name.EndsWith(":"u8))
            return false;
        name = name[..^1].TrimEnd(" \t\r\n"u8);
        return name.EndsWith("\"sessions\""u8) && !name.EndsWith("\\\"sessions\""u8);
    }
}

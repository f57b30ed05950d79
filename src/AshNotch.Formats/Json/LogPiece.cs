using System.Buffers;

namespace AshNotch.Formats.Json;

/// <summary>A list of some sessions of a log, as text.</summary>
/// <param name="first">How many sessions stand before it.</param>
/// <param name="begin">Where its list begins in the log's text, as if the bracket stood there.</param>
public sealed class LogPiece(int first, TextPosition begin) : IDisposable
{
    private byte[] text = ArrayPool<byte>.Shared.Rent(1 << 16);
    private int length;

    /// <summary>How many sessions stand before it.</summary>
    public int First { get; } = first;

    /// <summary>Where its list begins in the log's text, as if the bracket stood there.</summary>
    public TextPosition Begin { get; } = begin;

    /// <summary>The list in UTF-8, sound or not.</summary>
    public ReadOnlySpan<byte> Json => text.AsSpan(0, length);

    /// <summary>Adds text.</summary>
    public void Add(ReadOnlySpan<byte> more)
    {
        if (length + more.Length > text.Length)
        {
            var larger = ArrayPool<byte>.Shared.Rent(2 * (length + more.Length));
            Json.CopyTo(larger);
            Dispose();
            text = larger;
        }
        more.CopyTo(text.AsSpan(length));
        length += more.Length;
    }

    /// <summary>Gives its memory back.</summary>
    public void Dispose() => ArrayPool<byte>.Shared.Return(text);
}

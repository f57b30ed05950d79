namespace AshNotch.Formats.Json;

/// <summary>A place in a text, both from 0.</summary>
/// <param name="Line">Line breaks before it.</param>
/// <param name="Column">Bytes after the last of them.</param>
public readonly record struct TextPosition(long Line, long Column)
{
    /// <summary>Where one is after more text.</summary>
    public TextPosition After(ReadOnlySpan<byte> text)
    {
        var last = text.LastIndexOf((byte)'\n');
        return last < 0 ? this with { Column = Column + text.Length } : new(Line + text.Count((byte)'\n'), text.Length - last - 1);
    }

    /// <summary>Where something is that stands here in a text which itself begins there.</summary>
    public TextPosition From(TextPosition begin) => Line == 0 ? new(begin.Line, begin.Column + Column) : new(begin.Line + Line, Column);

    /// <summary>Where this stands as seen from a begin that is not after it.</summary>
    public TextPosition Since(TextPosition begin) => Line == begin.Line ? new(0, Column - begin.Column) : new(Line - begin.Line, Column);

    /// <summary>Whether it stands before another.</summary>
    public bool IsBefore(TextPosition other) => Line < other.Line || (Line == other.Line && Column < other.Column);
}

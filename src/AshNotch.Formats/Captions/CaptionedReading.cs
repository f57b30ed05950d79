using AshNotch.Core.Reading;

namespace AshNotch.Formats.Captions;

/// <summary>Gives the notches of a captioned telling the times their words were said at.</summary>
public static class CaptionedReading
{
    /// <summary>The reading with a time for every notch that told none itself.</summary>
    public static Retelling WithTimes(Retelling read, CaptionedTelling told) => read with
    {
        Exchanges =
        [
            .. read.Exchanges.Select(e => e with
            {
                Exchange = e.Exchange with { Notches = [.. e.Exchange.Notches.Select(n => n is { AtSeconds: null, RemainingSeconds: null, Span: { } span } ? n with { AtSeconds = told.At(span.Start) } : n)] },
            }),
        ],
    };
}

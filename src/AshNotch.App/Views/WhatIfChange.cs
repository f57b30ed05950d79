using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>One change to think through: an exchange of other odds.</summary>
public sealed record WhatIfChange : WayDocument
{
    /// <summary>What its odds are multiplied by.</summary>
    public double Odds { get; set; }
}

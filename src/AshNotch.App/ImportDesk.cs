using System.Security.Cryptography;
using AshNotch.Formats.Json;

namespace AshNotch.App;

/// <summary>The file that was last looked at, until it is taken in: it is sent once.</summary>
public sealed class ImportDesk
{
    private readonly Lock gate = new();
    private (string Name, ReadLog Read)? lying;

    /// <summary>Lays a file on the desk in place of what lay there; its name is of its content.</summary>
    public string Lay(ReadOnlySpan<byte> content, ReadLog read)
    {
        var name = Convert.ToHexStringLower(SHA256.HashData(content))[..16];
        lock (gate)
            lying = (name, read);
        return name;
    }

    /// <summary>The file of that name, or null when another lies there by now.</summary>
    public ReadLog? Find(string name)
    {
        lock (gate)
            return lying is { } file && file.Name == name ? file.Read : null;
    }

    /// <summary>It is done with.</summary>
    public void Clear()
    {
        lock (gate)
            lying = null;
    }
}

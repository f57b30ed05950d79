using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;

namespace AshNotch.App.Tests;

/// <summary>What comes in is answered in words, with the same headers whatever became of it, and only from this machine.</summary>
public class ComingInTests
{
    private static readonly string[] Guarding =
    [
        "Content-Security-Policy",
        "X-Content-Type-Options",
        "X-Frame-Options",
        "Referrer-Policy",
        "Cross-Origin-Opener-Policy",
        "Cross-Origin-Resource-Policy",
        "Permissions-Policy",
    ];

    [Fact]
    public async Task What_stands_in_the_environment_does_not_make_it_listen_elsewhere()
    {
        string[] names =
        [
            "ASPNETCORE_URLS",
            "ASPNETCORE_HTTP_PORTS",
            "DOTNET_URLS",
            "Kestrel__Endpoints__Wide__Url",
            "ASPNETCORE_Kestrel__Endpoints__W__Url",
        ];
        foreach (var name in names)
            Environment.SetEnvironmentVariable(name, name.EndsWith("PORTS", StringComparison.Ordinal) ? "0" : "http://0.0.0.0:0");
        try
        {
            await using var app = await RunningApp.Start();
            var address = Assert.Single(app.Addresses);
            Assert.StartsWith("http://127.0.0.1:", address, StringComparison.Ordinal);
        }
        finally
        {
            foreach (var name in names)
                Environment.SetEnvironmentVariable(name, null);
        }
    }

    [Theory]
    [InlineData("GET /api/today HTTP/1.1\r\nHost: \r\nConnection: close\r\n\r\n", 400)]
    [InlineData("GET /api/today HTTP/1.1\r\nHost: ash.example\r\nConnection: close\r\n\r\n", 400)]
    [InlineData("GET /api/today HTTP/1.0\r\n\r\n", 400)]
    public async Task A_host_that_is_none_of_ours_is_refused(string request, int status)
    {
        await using var app = await RunningApp.Start();
        var answer = await Raw(app, request);
        Assert.StartsWith($"HTTP/1.1 {status}", answer, StringComparison.Ordinal);
        Assert.All(Guarding, h => Assert.Contains(h + ":", answer, StringComparison.OrdinalIgnoreCase));
        Assert.Contains("application/problem+json", answer, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("GET", "/api/rolls/nobody", null, "application/json", 404)]
    [InlineData("GET", "/api/nowhere", null, "application/json", 404)]
    [InlineData("DELETE", "/api/today", null, "application/json", 405)]
    [InlineData("GET", "/api/rack?limit=many", null, "application/json", 400)]
    [InlineData("GET", "/api/weeks?x=%00", null, "application/json", 200)]
    [InlineData("POST", "/api/read", "{", "application/json", 400)]
    [InlineData("POST", "/api/read", "{}", "text/plain", 415)]
    [InlineData("POST", "/api/read", "{}", "application/json; charset=klingon", 415)]
    [InlineData("POST", "/api/read", "{}", "application/json; charset=utf-7", 415)]
    [InlineData("POST", "/api/read", """{ "text": "He swept me.", "corrections": [ null ] }""", "application/json", 400)]
    [InlineData("POST", "/api/read", """{ "text": "He swept me.", "partners": [ null ] }""", "application/json", 400)]
    [InlineData("POST", "/api/what-if", "{}", "application/json", 200)]
    [InlineData("POST", "/api/what-if", """{ "changes": [ null ] }""", "application/json", 400)]
    [InlineData("PUT", "/api/settings", """{ "aim": 99 }""", "application/json", 400)]
    [InlineData("PUT", "/api/settings", """{ "aim": "fame" }""", "application/json", 400)]
    [InlineData("POST", "/api/captions", """{ "text": "WEBVTT\n\n٠٠:٠١.٠٠٠ --> ٠٠:٠٢.٠٠٠\nguard" }""", "application/json", 200)]
    [InlineData("POST", "/api/read", """{ "text": "[٠:٠١] He swept me." }""", "application/json", 200)]
    [InlineData("PUT", "/api/rolls/%20a/telling", """{ "text": "He swept me." }""", "application/json", 400)]
    [InlineData("PUT", "/api/partners/a%0Ab", """{ "name": "Oak" }""", "application/json", 400)]
    [InlineData("PUT", "/api/partners/p", """{ "name": "Oa\u0000k" }""", "application/json", 400)]
    [InlineData("PUT", "/api/partners/p", """{ "name": "Oak", "notes": "cut \u0000 here" }""", "application/json", 400)]
    [InlineData("PUT", "/api/partners/p", """{ "name": "Oak", "notes": "half \ud800 a pair" }""", "application/json", 400)]
    public async Task Whatever_comes_is_answered_in_words_and_with_the_same_headers(
        string method,
        string path,
        string? body,
        string type,
        int status
    )
    {
        await using var app = await RunningApp.Start();
        using var request = new HttpRequestMessage(new HttpMethod(method), path);
        if (body is not null)
        {
            request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(body));
            request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
        }
        using var answer = await app.Client.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)answer.StatusCode);
        Assert.All(Guarding, h => Assert.True(answer.Headers.Contains(h), h));
        if (status < 400)
            return;
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType?.MediaType);
        Assert.NotNull(JsonNode.Parse(text)!["title"]);
        foreach (var inside in (string[])["System.", "AshNotch", "Nullable", "IReadOnlyList", "Int32", "parameter \""])
            Assert.DoesNotContain(inside, text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_whole_log_that_is_too_large_is_told_what_would_fit()
    {
        await using var app = await RunningApp.Start();
        using var large = new ByteArrayContent(new byte[65 * 1024 * 1024]);
        large.Headers.TryAddWithoutValidation("Content-Type", "application/json");
        using var answer = await app.Client.PostAsync("/api/import/look", large, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, answer.StatusCode);
        Assert.Contains(
            "At most 64 megabytes",
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task What_is_too_large_is_read_to_its_end_and_answered_in_words()
    {
        await using var app = await RunningApp.Start();
        using var large = new ByteArrayContent(new byte[8 * 1024 * 1024]);
        large.Headers.TryAddWithoutValidation("Content-Type", "application/json");
        using var answer = await app.Client.PostAsync("/api/read", large, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, answer.StatusCode);
        Assert.Contains(
            "At most 2 megabytes",
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
    }

    private static async Task<string> Raw(RunningApp app, string request)
    {
        using var socket = new TcpClient();
        await socket.ConnectAsync(IPAddress.Loopback, new Uri(app.Addresses.First()).Port, TestContext.Current.CancellationToken);
        await using var stream = socket.GetStream();
        await stream.WriteAsync(Encoding.ASCII.GetBytes(request), TestContext.Current.CancellationToken);
        using var reader = new StreamReader(stream);
        return await reader.ReadToEndAsync(TestContext.Current.CancellationToken);
    }
}

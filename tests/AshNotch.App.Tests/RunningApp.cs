using System.Text.Json.Nodes;
using AshNotch.App.Verbs;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.Extensions.DependencyInjection;

namespace AshNotch.App.Tests;

/// <summary>The application in this process, over a data directory of its own, with the demo data when asked for.</summary>
public sealed class RunningApp : IAsyncDisposable
{
    private readonly WebApplication app;

    private RunningApp(WebApplication app, LogStore store, string directory)
    {
        this.app = app;
        Store = store;
        Directory = directory;
        Client = new HttpClient
        {
            BaseAddress = new Uri(app.Services.GetRequiredService<IServer>().Features.Get<IServerAddressesFeature>()!.Addresses.First()),
        };
    }

    public HttpClient Client { get; }

    public IEnumerable<string> Addresses => app.Services.GetRequiredService<IServer>().Features.Get<IServerAddressesFeature>()!.Addresses;

    public LogStore Store { get; }

    public string Directory { get; }

    public static async Task<RunningApp> Start(bool demo = false)
    {
        var directory = System.IO.Directory.CreateTempSubdirectory("ash-notch-app-").FullName;
        var store = LogStore.Open(directory);
        if (demo)
            DemoData.Reset(store, DemoData.File, MatVocabulary.BuiltIn, DateTimeOffset.UtcNow);
        var app = WebHost.Build(new ServeOptions(directory, 0, demo ? DemoData.File : null), store, MatVocabulary.BuiltIn);
        await app.StartAsync();
        return new RunningApp(app, store, directory);
    }

    public async Task<JsonNode> Get(string path) => JsonNode.Parse(await Client.GetStringAsync(path))!;

    public async Task<(int Status, JsonNode? Body)> Send(HttpMethod method, string path, string? json)
    {
        using var request = new HttpRequestMessage(method, path);
        if (json is not null)
            request.Content = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        using var response = await Client.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    public Task<(int Status, JsonNode? Body)> Put(string path, string json) => Send(HttpMethod.Put, path, json);

    public Task<(int Status, JsonNode? Body)> Post(string path, string json) => Send(HttpMethod.Post, path, json);

    public async ValueTask DisposeAsync()
    {
        Client.Dispose();
        await app.DisposeAsync();
        Store.Dispose();
        System.IO.Directory.Delete(Directory, recursive: true);
    }
}

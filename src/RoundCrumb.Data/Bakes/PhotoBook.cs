using Microsoft.EntityFrameworkCore;

namespace RoundCrumb.Data.Bakes;

/// <summary>What is known of a photograph without opening it.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Caption">What is written beneath; may be empty.</param>
/// <param name="Width">Pixels.</param>
/// <param name="Height">Pixels.</param>
public sealed record PhotoFacts(int Id, string Caption, int Width, int Height);

/// <summary>The photographs of bakes.</summary>
public sealed class PhotoBook(RoundCrumbContext context, TimeProvider clock)
{
    /// <summary>So many are kept with one bake.</summary>
    public const int Most = 8;

    /// <summary>Those of a bake, the oldest first.</summary>
    public Task<List<PhotoFacts>> OfAsync(int bake, CancellationToken cancel = default) => context.Photos.AsNoTracking()
        .Where(p => p.BakeId == bake).OrderBy(p => p.Id).Select(p => new PhotoFacts(p.Id, p.Caption, p.Width, p.Height))
        .ToListAsync(cancel);

    /// <summary>The first of each of some bakes, by the bake's number.</summary>
    public async Task<IReadOnlyDictionary<int, int>> FirstAsync(IReadOnlyCollection<int> bakes, CancellationToken cancel = default) =>
        (await context.Photos.AsNoTracking().Where(p => bakes.Contains(p.BakeId)).GroupBy(p => p.BakeId)
            .Select(g => new { g.Key, Id = g.Min(p => p.Id) }).ToListAsync(cancel)).ToDictionary(x => x.Key, x => x.Id);

    /// <summary>How many a bake has.</summary>
    public Task<int> CountAsync(int bake, CancellationToken cancel = default) => context.Photos.CountAsync(p => p.BakeId == bake, cancel);

    /// <summary>Keeps one.</summary>
    public async Task AddAsync(
        int bake, byte[] jpeg, byte[] small, int width, int height, string? caption, CancellationToken cancel = default)
    {
        var words = (caption ?? "").Trim();
        context.Photos.Add(new()
        {
            BakeId = bake,
            At = clock.GetUtcNow(),
            Caption = words.Length > BakePhoto.LongestCaption ? words[..BakePhoto.LongestCaption] : words,
            Width = width,
            Height = height,
            Jpeg = jpeg,
            Small = small,
        });
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Takes one away.</summary>
    public Task RemoveAsync(int bake, int id, CancellationToken cancel = default) =>
        context.Photos.Where(p => p.BakeId == bake && p.Id == id).ExecuteDeleteAsync(cancel);

    /// <summary>The picture, or none.</summary>
    public Task<byte[]?> PictureAsync(int bake, int id, bool small, CancellationToken cancel = default) => context.Photos.AsNoTracking()
        .Where(p => p.BakeId == bake && p.Id == id).Select(p => small ? p.Small : p.Jpeg).FirstOrDefaultAsync(cancel);
}

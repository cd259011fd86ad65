using SkiaSharp;

namespace RoundCrumb.Application.Photographs;

/// <summary>A photograph as it is kept: turned upright, no larger than is looked at, and nothing but the picture.</summary>
/// <param name="Jpeg">The picture.</param>
/// <param name="Small">The same for a list.</param>
/// <param name="Width">Of the picture, pixels.</param>
/// <param name="Height">Of the picture, pixels.</param>
public sealed record Photograph(byte[] Jpeg, byte[] Small, int Width, int Height)
{
    /// <summary>The largest file that is taken, bytes: a phone's photograph is a third of it.</summary>
    public const int LargestFile = 15 * 1024 * 1024;

    /// <summary>What is said of a larger one.</summary>
    public const string TooLarge = "That file is larger than 15 MB; a phone can send it smaller.";

    /// <summary>The most pixels that are opened: a small file can be a very large picture.</summary>
    public const long MostPixels = 60_000_000;

    /// <summary>The most of them that are held at once: what cannot be made smaller while it is opened has no more.</summary>
    public const long MostOpened = 24_000_000;

    /// <summary>The longer side of what is kept, pixels.</summary>
    public const int LongSide = 1600;

    /// <summary>The longer side of the small one, pixels.</summary>
    public const int SmallSide = 360;

    private const int Quality = 82;

    /// <summary>Makes one of what somebody sent: decoded and written anew, so that place, camera and time are gone.</summary>
    /// <param name="file">What was sent.</param>
    /// <param name="trouble">Why it could not be taken; empty where it could.</param>
    /// <returns>The photograph; none where it could not be taken.</returns>
    public static Photograph? Make(ReadOnlyMemory<byte> file, out string trouble)
    {
        trouble = "";
        if (file.Length == 0)
            return Refused("There was nothing in that file.", out trouble);
        if (file.Length > LargestFile)
            return Refused(TooLarge, out trouble);
        using var data = SKData.CreateCopy(file.Span);
        using var codec = SKCodec.Create(data);
        if (codec is null)
            return Refused("That is no picture that can be opened here: JPEG, PNG and WebP can.", out trouble);
        if ((long)codec.Info.Width * codec.Info.Height > MostPixels || codec.Info.Width < 1 || codec.Info.Height < 1)
            return Refused("That picture has more than 60 million pixels; send it smaller.", out trouble);
        var scale = Math.Min(1f, (float)LongSide / Math.Max(codec.Info.Width, codec.Info.Height));

        // A decoder makes it smaller by eighths: the next one up, so that nothing is lost that is kept.
        var size = codec.GetScaledDimensions((float)(Math.Ceiling(scale * 8) / 8));
        if ((long)size.Width * size.Height > MostOpened)
            return Refused("That picture has more than 24 million pixels, as only a JPEG may; send it smaller, or as JPEG.", out trouble);
        using var bitmap = new SKBitmap(new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        if (codec.GetPixels(bitmap.Info, bitmap.GetPixels()) is not SKCodecResult.Success)
            return Refused("That picture is broken: only part of it arrived, or it was never whole.", out trouble);
        using var sized = Sized(bitmap, LongSide);
        using var large = Upright(sized, codec.EncodedOrigin);
        using var small = Sized(large, SmallSide);
        return new(Written(large), Written(small), large.Width, large.Height);
    }

    private static Photograph? Refused(string why, out string trouble)
    {
        trouble = why;
        return null;
    }

    private static byte[] Written(SKBitmap bitmap)
    {
        using var encoded = bitmap.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return encoded.ToArray();
    }

    /// <summary>On white, as JPEG knows nothing of what shows through.</summary>
    private static SKBitmap Sized(SKBitmap of, int longSide)
    {
        var scale = Math.Min(1.0, (double)longSide / Math.Max(of.Width, of.Height));
        var to = new SKBitmap(Math.Max(1, (int)Math.Round(of.Width * scale)), Math.Max(1, (int)Math.Round(of.Height * scale)));
        using var canvas = new SKCanvas(to);
        canvas.Clear(SKColors.White);
        using var image = SKImage.FromBitmap(of);
        canvas.DrawImage(image, new SKRect(0, 0, to.Width, to.Height), new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return to;
    }

    /// <summary>As it was held: what a camera only notes beside the picture is done to it.</summary>
    private static SKBitmap Upright(SKBitmap of, SKEncodedOrigin origin)
    {
        var turned = origin
            is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (wide, high) = turned ? (of.Height, of.Width) : (of.Width, of.Height);
        var to = new SKBitmap(wide, high);
        using var canvas = new SKCanvas(to);
        canvas.SetMatrix(origin switch
        {
            SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, wide, 0, 1, 0, 0, 0, 1),
            SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, wide, 0, -1, high, 0, 0, 1),
            SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, high, 0, 0, 1),
            SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightTop => new SKMatrix(0, -1, wide, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, wide, -1, 0, high, 0, 0, 1),
            SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, high, 0, 0, 1),
            _ => SKMatrix.Identity,
        });
        canvas.DrawBitmap(of, 0, 0);
        return to;
    }
}

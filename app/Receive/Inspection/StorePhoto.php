<?php

declare(strict_types=1);

namespace App\Receive\Inspection;

use App\Contract\Fault;
use App\Fish\DeliveryLine;
use App\Fish\Photo;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * Keeps a picture: what was sent is decoded, drawn anew and written as JPEG, so that nothing but pixels is kept.
 */
final readonly class StorePhoto
{
    private const MOST_BYTES = 8_000_000;

    /** Pixels in what is sent; more would be a bomb, not a photo. */
    private const MOST_PIXELS = 40_000_000;

    private const LONGEST_SIDE = 1600;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, string $line, string $base64, Person $person): Photo
    {
        $bytes = base64_decode($base64, true);
        if ($bytes === false || $bytes === '' || strlen($bytes) > self::MOST_BYTES) {
            throw Fault::inField('/image', 'A photo is up to 8 MB.');
        }
        $jpeg = self::redrawn($bytes, $width, $height);
        DeliveryLine::query()->findOrFail($line);

        return DB::connection()->transaction(function () use (
            $id,
            $line,
            $bytes,
            $jpeg,
            $width,
            $height,
            $person,
        ): Photo {
            if (! Once::isNew($id, "photo {$line}", $bytes)) {
                return Photo::query()->findOrFail($id);
            }
            $photo = Photo::query()->create([
                'id' => $id,
                'line_id' => $line,
                'width' => $width,
                'height' => $height,
                'bytes' => strlen($jpeg),
                'taken_by' => $person->id,
                'taken_at' => Moment::written($this->clock->now()),
            ]);
            is_dir(dirname($photo->path())) || mkdir(dirname($photo->path()), 0o750, true);
            self::write($photo->path(), $jpeg);

            return $photo;
        });
    }

    /** A picture that lies there already is another one's: it is never written over. */
    private static function write(string $path, string $jpeg): void
    {
        $file = @fopen($path, 'xb');
        $file !== false ||
            throw is_file($path)
                ? Fault::conflict('There is a photo of this name already. Take it again.')
                : Fault::away('The photo could not be written. Try once more.');
        $written = fwrite($file, $jpeg);
        fclose($file);
        if ($written !== strlen($jpeg)) {
            unlink($path);
            throw Fault::full();
        }
    }

    /**
     * @param-out int $width
     * @param-out int $height
     */
    private static function redrawn(string $bytes, ?int &$width, ?int &$height): string
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw Fault::inField('/image', 'This is no photo: send a JPEG, PNG or WebP picture.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw Fault::inField('/image', 'This picture has too many points to be a photo of a fish.');
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw Fault::inField('/image', 'This photo is damaged. Take it again.');
        }
        $scale = min(1, self::LONGEST_SIDE / max($size[0], $size[1]));
        $width = max(1, (int) round($size[0] * $scale));
        $height = max(1, (int) round($size[1] * $scale));
        $canvas = imagecreatetruecolor($width, $height);
        imagecopyresampled($canvas, $image, 0, 0, 0, 0, $width, $height, $size[0], $size[1]);
        ob_start();
        imagejpeg($canvas, null, 82);

        return (string) ob_get_clean();
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen\Backups;

use RuntimeException;

/** The passphrase of the backups, in a file of its own: it stands in no list of running programs. */
final readonly class Passphrase
{
    private const SHORTEST = 12;

    /**
     * @param  mixed  $file  its name; null or empty for none
     *
     * @throws RuntimeException when there is no such file, or what stands in it is too short to protect anything
     */
    public static function in(mixed $file): ?string
    {
        if (! is_string($file) || $file === '') {
            return null;
        }
        $said = is_readable($file) ? trim((string) file_get_contents($file)) : null;
        $said !== null || throw new RuntimeException("{$file} cannot be read.");
        mb_strlen($said) >= self::SHORTEST ||
            throw new RuntimeException('A passphrase has at least '.self::SHORTEST.' letters.');

        return $said;
    }
}

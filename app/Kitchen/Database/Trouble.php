<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use PDOException;
use Throwable;

/** What can be wrong with the file the kitchen's records lie in, and not with what was asked. */
enum Trouble
{
    case Busy;
    case Full;
    case ReadOnly;

    /** SQLite's result codes: https://sqlite.org/rescode.html */
    private const BUSY = [5, 6];

    private const READ_ONLY = [8, 14];

    private const FULL = [13];

    /** A disk that takes no more may also show as a failed write. */
    private const IO = 10;

    /** The trouble behind a failure, however deep it lies; null where it is another one. */
    public static function of(Throwable $e): ?self
    {
        for ($cause = $e; $cause !== null; $cause = $cause->getPrevious()) {
            if ($cause instanceof PDOException && ($trouble = self::coded($cause->errorInfo[1] ?? null)) !== null) {
                return $trouble;
            }
            if (preg_match('/No space left on device|Disk quota exceeded/', $cause->getMessage()) === 1) {
                return self::Full;
            }
            if (preg_match('/Permission denied|Read-only file system/', $cause->getMessage()) === 1) {
                return self::ReadOnly;
            }
        }

        return null;
    }

    /** Whether trying again may help. */
    public function passes(): bool
    {
        return $this === self::Busy;
    }

    private static function coded(mixed $code): ?self
    {
        return match (true) {
            in_array($code, self::BUSY, true) => self::Busy,
            in_array($code, self::FULL, true), $code === self::IO => self::Full,
            in_array($code, self::READ_ONLY, true) => self::ReadOnly,
            default => null,
        };
    }
}

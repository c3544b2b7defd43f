<?php

declare(strict_types=1);

namespace Database\Seed;

use Generator;
use RuntimeException;
use SplFileObject;

/** A CSV file with a header line, a row at a time. */
final readonly class Csv
{
    /** @return Generator<int, array<string, string>> */
    public static function rows(string $path): Generator
    {
        $file = new SplFileObject($path);
        $file->setFlags(
            SplFileObject::READ_CSV |
                SplFileObject::SKIP_EMPTY |
                SplFileObject::READ_AHEAD |
                SplFileObject::DROP_NEW_LINE,
        );
        $file->setCsvControl(',', '"', '');
        $header = null;
        foreach ($file as $number => $cells) {
            $cells = array_map(strval(...), is_array($cells) ? $cells : []);
            if ($header === null) {
                $header = $cells;

                continue;
            }
            if (count($cells) !== count($header)) {
                throw new RuntimeException(
                    basename($path).
                        ', line '.
                        ($number + 1).
                        ': '.
                        count($cells).
                        ' cells instead of '.
                        count($header).
                        '.',
                );
            }
            yield array_combine($header, $cells);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen\Tablets;

use App\Kitchen\Person;
use Illuminate\Support\Carbon;
use JsonException;

/**
 * What the tablets of a kitchen tell one another: what was written last, and who looks at what. It lies in a small file
 * beside the database, since it is worth nothing tomorrow and must never wait for a reading, nor a reading for it.
 *
 * A write is its number, its address and its tab; who looks is a person, a name, an address and the second of the word.
 *
 * @phpstan-type Written array{int, string, string}
 * @phpstan-type Looks array{string, string, string, float}
 * @phpstan-type Kept array{n: int, written: list<Written>, here: array<string, Looks>}
 */
final readonly class Together
{
    /** So many writes are told singly; whoever missed more looks at everything again. */
    private const TOLD = 200;

    /** Seconds without a word after which a tab is gone. */
    private const GONE = 6.0;

    private const ID = '/[0-7][0-9A-HJKMNP-TV-Z]{25}/';

    /** The file lies beside the kitchen's database. */
    private static function file(): string
    {
        $database = config()->string('database.connections.sqlite.database');

        return is_file($database) ? "{$database}-tablets" : storage_path('framework/tablets-'.getmypid());
    }

    /** Something was written at this address, by this tab. */
    public static function written(string $path, string $tab): void
    {
        self::change(function (array $kept) use ($path, $tab): array {
            $kept['n']++;
            $kept['written'] = array_slice([...$kept['written'], [$kept['n'], $path, $tab]], -self::TOLD);

            return $kept;
        });
    }

    /**
     * A tab says where it is, and hears what the others wrote since it last asked.
     *
     * @param  int|null  $since  the number it was told last; null when it has just been opened
     * @return Answer
     */
    public static function here(Person $person, string $tab, string $at, ?int $since): array
    {
        $now = (float) Carbon::now()->format('U.u');
        $kept = self::change(function (array $kept) use ($person, $tab, $at, $now): array {
            $kept['here'] = array_filter($kept['here'], fn (array $one): bool => $one[3] > $now - self::GONE);
            $kept['here'][$tab] = [$person->id, $person->name, $at, $now];

            return $kept;
        });
        $new = array_values(
            array_filter($kept['written'], fn (array $one): bool => $one[0] > ($since ?? $kept['n'])),
        );
        // A number from before the file was begun anew, or from so long ago that not all of it is known.
        $missed = $since !== null && ($since > $kept['n'] || count($new) < $kept['n'] - $since);
        $others = array_values(array_filter($new, fn (array $one): bool => $one[2] !== $tab));

        return [
            'n' => $kept['n'],
            'everything' => $missed || array_filter($others, fn (array $one): bool => ! self::ofAFish($one[1])) !== [],
            'fish' => array_values(array_unique(array_map(
                fn (array $one): string => self::subject($one[1]),
                array_filter($others, fn (array $one): bool => self::ofAFish($one[1])),
            ))),
            'with' => self::with($kept['here'], $person, $tab, $at),
        ];
    }

    /**
     * The names of whoever else looks at the same fish, or whatever else has its own address.
     *
     * @param  array<string, Looks>  $here
     * @return list<string>
     */
    private static function with(array $here, Person $person, string $tab, string $at): array
    {
        $subject = self::subject($at);
        if ($subject === '') {
            return [];
        }
        $names = [];
        foreach ($here as $other => [$id, $name, $where]) {
            if ($other !== $tab && $id !== $person->id && self::subject($where) === $subject) {
                $names[$id] = $name;
            }
        }
        sort($names);

        return $names;
    }

    /** What is said of one fish concerns that fish and the lists; anything else may concern everything. */
    private static function ofAFish(string $path): bool
    {
        return preg_match('#/fish/[0-9A-Z]{26}#', $path) === 1;
    }

    private static function subject(string $path): string
    {
        return preg_match(self::ID, $path, $found) === 1 ? $found[0] : '';
    }

    /**
     * @param  callable(Kept): Kept  $change
     * @return Kept as it is now; where the disk takes nothing, as it would be
     */
    private static function change(callable $change): array
    {
        $file = @fopen(self::file(), 'c+');
        if ($file === false) {
            return $change(['n' => 0, 'written' => [], 'here' => []]);
        }
        flock($file, LOCK_EX);
        $before = (string) stream_get_contents($file);
        $kept = $change(self::read($before));
        $after = json_encode($kept, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        rewind($file);
        @fwrite($file, $after);
        // Written over what stood there: a file that is emptied first gives its room back to the disk each time.
        if (strlen($after) < strlen($before)) {
            ftruncate($file, strlen($after));
        }
        fclose($file);

        return $kept;
    }

    /** @return Kept */
    private static function read(string $text): array
    {
        try {
            /** @var Kept $kept written by `change` and nothing else */
            $kept = json_decode($text, true, 8, JSON_THROW_ON_ERROR);

            return $kept;
        } catch (JsonException) {
            // Just begun, or cut off in the middle: the tablets look at everything once.
            return ['n' => random_int(1, 1_000_000) * 1000, 'written' => [], 'here' => []];
        }
    }
}

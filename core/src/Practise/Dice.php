<?php

declare(strict_types=1);

namespace Sectum\Practise;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Math\Normal;

/** What a seed throws: the same seed and the same purpose always throw the same. */
final readonly class Dice
{
    /** Letters and figures of a seed: none that is taken for another one. */
    private const LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

    public const SEED_LENGTH = 8;

    private function __construct(private string $seed, private Randomizer $random)
    {
    }

    /**
     * @param  string  $seed  eight of the letters and figures
     * @param  string  $purpose  throws for different purposes tell nothing of each other
     *
     * @throws BadDrill when it is no seed
     */
    public static function of(string $seed, string $purpose = ''): self
    {
        preg_match('/^['.self::LETTERS.']{'.self::SEED_LENGTH.'}$/', $seed) === 1 ||
            throw new BadDrill('That is no seed of a drill.', $seed, '/seed');

        return new self($seed, new Randomizer(new Xoshiro256StarStar(hash('sha256', "{$purpose}:{$seed}", true))));
    }

    /** The seed of a number, for those who count them; the last of its forty bits count. */
    public static function seed(int $number): string
    {
        $written = '';
        for ($i = self::SEED_LENGTH - 1; $i >= 0; $i--) {
            $written .= self::LETTERS[($number >> (5 * $i)) & 31];
        }

        return $written;
    }

    /** Other throws of the same seed. */
    public function for(string $purpose): self
    {
        return self::of($this->seed, $purpose);
    }

    /** Even between 0 and 1, never either. */
    public function share(): float
    {
        return ($this->random->getInt(0, (1 << 52) - 1) + 0.5) / (1 << 52);
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->share();
    }

    /** A whole number, both ends among them. */
    public function whole(int $low, int $high): int
    {
        return $this->random->getInt($low, $high);
    }

    public function normal(float $mean, float $sd): float
    {
        return $mean + $sd * Normal::quantile($this->share());
    }

    /** Whether something of that chance happens. */
    public function happens(float $chance): bool
    {
        return $this->share() < $chance;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    public function one(array $from): mixed
    {
        return $from[$this->whole(0, count($from) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $all
     * @return ($all is non-empty-list<T> ? non-empty-list<T> : list<T>)
     */
    public function shuffled(array $all): array
    {
        $places = $all === [] ? [] : $this->random->shuffleArray(range(0, count($all) - 1));

        return array_map(fn (int $i): mixed => $all[$i], $places);
    }
}

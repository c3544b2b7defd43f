<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;

/**
 * One piece of a fish: the whole, or something cut from another piece.
 *
 * @property string $id
 * @property string $fish_id
 * @property string|null $parent_id
 * @property Part $part
 * @property string $name
 * @property Bin|null $bin where it was sent; null until someone says
 * @property string|null $dish_id what a portion is for; null for the fish's usual dish
 * @property string|null $batch_id the portion tray it is on
 * @property string|null $serving_id the plate of several it was put on
 * @property int $portions how many lay on the scale together; 1 for all but portions of a batch
 * @property bool $broken of a roe, whether its sac is open
 * @property Part|null $scraped_off of scrapings, the part the spoon was over; null when nobody said
 * @property int $place order in which it came onto the board
 * @property-read Collection<int, Reading> $readings
 * @property-read Collection<int, Piece> $parts
 */
final class Piece extends Record
{
    protected $table = 'pieces';

    /** As a new one is, until it is read back. */
    protected $attributes = ['broken' => false, 'portions' => 1];

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        $readings = $this->hasMany(Reading::class);
        $readings->select('readings.*')->selectRaw(Reading::SAID_OF_IT)->orderBy('seq');

        return $readings;
    }

    /**
     * All of these fish with their readings, in two questions.
     *
     * @param  list<string>  $fish
     * @return array<string, list<self>> by fish, in the order in which they came onto the board
     */
    public static function ofFish(array $fish): array
    {
        $ids = json_encode($fish, JSON_THROW_ON_ERROR);
        $pieces = self::selected(
            'select * from pieces where fish_id in (select value from json_each(?)) order by place',
            [$ids],
        );
        $readings = Reading::ofFish($ids);
        $found = [];
        foreach ($pieces as $piece) {
            $piece->setRelation('readings', new Collection($readings[$piece->id] ?? []));
            $found[$piece->fish_id][] = $piece;
        }

        return $found;
    }

    /** @return HasMany<Piece, $this> what was taken off it */
    public function parts(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id');
    }

    /** The one reading that counts; null when it was taken back. */
    public function reading(): ?Reading
    {
        $readings = $this->getRelationValue('readings');
        foreach ($readings instanceof Collection ? array_reverse($readings->all()) : [] as $reading) {
            if ($reading instanceof Reading && $reading->getRelationValue('void') === null) {
                return $reading;
            }
        }

        return null;
    }

    /**
     * What is left of it once these were weighed off it; never less than nothing.
     *
     * @param  iterable<Piece>  $parts
     */
    public function without(iterable $parts): Mass
    {
        $mass = $this->reading()?->mass() ?? Mass::zero();
        foreach ($parts as $part) {
            $mass = $mass->minus($part->reading()?->mass() ?? Mass::zero());
        }

        return $mass->isNegative() ? Mass::zero() : $mass;
    }

    /** @return list<Mass> what each of them weighs: of several weighed together an even share, to the milligram */
    public function masses(): array
    {
        return ($this->reading()?->mass() ?? Mass::zero())->shared($this->portions);
    }

    /** One of them, as near as anybody knows. */
    public function each(): Mass
    {
        return $this->masses()[0] ?? Mass::zero();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['part' => Part::class, 'bin' => Bin::class, 'broken' => 'boolean', 'scraped_off' => Part::class];
    }
}

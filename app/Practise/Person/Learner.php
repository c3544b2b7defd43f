<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Kitchen\Database\KeyedTable;
use App\Kitchen\Person;
use App\Kitchen\Role;
use Sectum\Practise\Level;

/**
 * How far somebody is, as the drills opened it or the head chef set it.
 *
 * @property string $person_id
 * @property Level $level
 * @property bool $bench whether a trainee may work at the bench, beside a cutter
 * @property int $version
 */
final class Learner extends KeyedTable
{
    protected $table = 'learners';

    protected $primaryKey = 'person_id';

    protected $attributes = ['level' => 1, 'bench' => false, 'version' => 1];

    public static function of(Person $person): self
    {
        return self::query()->find($person->id) ?? new self([
            'person_id' => $person->id,
            'level' => self::firstOf($person),
        ]);
    }

    /** Who works here already practises what he likes; who learns begins at the first level. */
    public static function firstOf(Person $person): Level
    {
        return $person->role === Role::Trainee ? Level::First : Level::Fourth;
    }

    public static function levelOf(Person $person): Level
    {
        return self::of($person)->level;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['level' => Level::class, 'bench' => 'boolean'];
    }
}

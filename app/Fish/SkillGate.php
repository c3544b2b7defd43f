<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fault;
use App\Kitchen\Person;

/** What the house asks to have been passed before somebody does a thing alone. A later stage knows who has. */
interface SkillGate
{
    /**
     * Who checked for bones with somebody who may not do it alone; null for who may.
     *
     * @param  string|null  $with  whose name was given
     * @param  string|null  $pin  that person's
     *
     * @throws Fault when a second person is asked for, and none who may was there
     */
    public function checksBones(Person $person, ?string $with, ?string $pin): ?Person;

    /** Whether every piece has to be weighed, and not every so many only. */
    public function weighsEveryPiece(Person $person): bool;

    /** @throws Fault when this fish is cut only beside somebody, and nobody is named who was */
    public function mustBeAllowed(Fish $fish, Person $person): void;

    /** @return array<string, string> answers to a method's questions that are usual for who learns; none for others */
    public function presets(Person $person): array;
}

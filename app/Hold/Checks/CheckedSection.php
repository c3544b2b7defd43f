<?php

declare(strict_types=1);

namespace App\Hold\Checks;

/** Checks of one kind. */
final readonly class CheckedSection
{
    /** @param  list<Checked>  $rows  in order of time */
    public function __construct(public string $title, public array $rows)
    {
    }
}

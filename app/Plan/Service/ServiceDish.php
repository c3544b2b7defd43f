<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Kitchen\Record;
use Sectum\Plan\Service\Course;

/**
 * A dish on the menu of a service.
 *
 * @property string $id
 * @property string $service_id
 * @property string $dish_id
 * @property float|null $share_pct of the guests that takes it, as the head chef thinks; null to go by what was sold
 * @property int|null $chosen so many chose it beforehand
 * @property Course $course
 * @property int $cut_before days before its service on which its fish is cut, as the head chef wants it
 * @property int|null $sold portions that were really sold
 */
final class ServiceDish extends Record
{
    protected $table = 'service_dishes';

    protected $attributes = ['cut_before' => 0, 'course' => 'main'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['share_pct' => 'float', 'course' => Course::class];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use Tests\TestCase;

/** A side on the board, as a planner lays it there. */
abstract class PlannedSide extends TestCase
{
    protected string $at;

    protected string $plate;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->at = $this->boardedSide();
        $this->plate = $this->dish();
    }

    /**
     * @param  array<string, mixed>  $how
     * @return array<string, mixed>
     */
    protected function laying(array $how): array
    {
        return [
            'length' => '52 cm',
            'thickness' => '34 mm',
            'shape' => 'long-side',
            'square' => '40 g',
            'tail_mm' => 10,
            'kinds' => [['dish' => $this->plate]],
            ...$how,
        ];
    }
}

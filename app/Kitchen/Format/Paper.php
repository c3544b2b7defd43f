<?php

declare(strict_types=1);

namespace App\Kitchen\Format;

use App\Kitchen\Language\Said;
use App\Kitchen\Settings;

/** Pages that are printed and carried about: A4, black on white, the house's name on top, boxes to tick. */
final class Paper
{
    private const FONT = 'dejavusanscondensed';

    public const LEFT = 15.0;

    public const WIDTH = 180.0;

    private const BOTTOM = 284.0;

    /** Smallest that is still read on a shelf, as a share of the usual. */
    private const SMALLEST = 0.62;

    /** Millimetres a line is high, by point of its letters. */
    private const LINE = 0.46;

    private float $y = 0.0;

    private float $scale = 1.0;

    private function __construct(private readonly Sheet $pdf)
    {
    }

    public static function titled(string $title): self
    {
        $pdf = new Sheet();
        $pdf->setTitle($title);
        $pdf->setAutoPageBreak(false);
        $pdf->setLineStyle(['width' => 0.25, 'color' => [0, 0, 0]]);

        return new self($pdf);
    }

    /** What follows is for somebody who reads these words. */
    public function in(Said $words): void
    {
        $this->pdf->in($words);
    }

    /** A text that is put together with others, as this page says it. */
    public function says(string $text): string
    {
        return $this->pdf->says($text);
    }

    /**
     * A page of its own.
     *
     * @param  float  $points  of all lines that are to fit on it, added up: they become smaller rather than too many
     */
    public function page(string $heading, string $below, float $points): void
    {
        $settings = Settings::load();
        $this->pdf->AddPage();
        $this->scale = 1.0;
        $this->y = 14.0;
        $this->line($heading, 18, 'B');
        $house = $settings->onPaper();
        $this->line("{$house}. {$this->says($below)}", 10);
        $this->space(2);
        $this->scale = max(self::SMALLEST, min(1.0, (self::BOTTOM - $this->y) / max(1.0, $points * self::LINE)));
    }

    /** One line across the page, wrapped where it is too long. */
    public function line(string $text, float $points, string $weight = ''): void
    {
        $this->cells([[$text, self::WIDTH]], $points, $weight);
    }

    /**
     * Cells in columns.
     *
     * @param  list<string>  $cells
     * @param  list<float>  $widths  mm, as many
     * @param  int|null  $figures  the first column of figures: from it on all stand at their right edge, one below the
     *                             other
     */
    public function row(array $cells, array $widths, float $points, string $weight = '', ?int $figures = null): void
    {
        $this->cells(
            array_map(fn (string $cell, float $width): array => [$cell, $width], $cells, $widths),
            $points,
            $weight,
            self::LEFT,
            $figures,
        );
    }

    /**
     * Cells side by side; each wraps within its width.
     *
     * @param  list<array{string, float}>  $cells  text and width in mm
     * @param  int|null  $figures  from this one on they stand at their right edge
     */
    public function cells(
        array $cells,
        float $points,
        string $weight = '',
        float $left = self::LEFT,
        ?int $figures = null,
    ): void {
        $points *= $this->scale;
        $this->pdf->setFont(self::FONT, $weight, $points);
        $high = $points * self::LINE;
        $lines = 1;
        foreach ($cells as [$text, $width]) {
            $lines = max($lines, $this->pdf->getNumLines($text, $width));
        }
        if ($this->y + $lines * $high > self::BOTTOM) {
            $this->turn($points, $weight);
        }
        $x = $left;
        foreach ($cells as $i => [$text, $width]) {
            $this->pdf->setXY($x, $this->y);
            $this->pdf->MultiCell($width, $high, $text, 0, $figures !== null && $i >= $figures ? 'R' : 'L');
            $x += $width;
        }
        $this->y += $lines * $high;
    }

    /** A box to tick, at the left of what comes next. */
    public function box(float $millimetres = 4.5, float $left = self::LEFT): void
    {
        $side = $millimetres * $this->scale;
        $this->pdf->Rect($left, $this->y + 0.6, $side, $side);
    }

    /**
     * A bar across the page, its stretches one after the other, told apart in black and white: full, grey, hatched with
     * lines, or empty.
     *
     * @param  list<array{float, string}>  $stretches  share of the whole, and full, grey, lines or empty
     */
    public function bar(array $stretches, float $high = 7.0): void
    {
        $x = self::LEFT;
        $high *= $this->scale;
        foreach ($stretches as [$share, $look]) {
            $wide = self::WIDTH * $share;
            $fill = match ($look) {
                'full' => [40, 40, 40],
                'grey' => [170, 170, 170],
                default => [255, 255, 255],
            };
            $this->pdf->Rect($x, $this->y, $wide, $high, 'DF', [], $fill);
            for ($at = 1.4; $look === 'lines' && $at < $wide; $at += 1.4) {
                $this->pdf->Line($x + $at, $this->y, $x + $at, $this->y + $high);
            }
            $x += $wide;
        }
        $this->y += $high;
    }

    public function rule(): void
    {
        $this->space(1.2);
        $this->pdf->Line(self::LEFT, $this->y, self::LEFT + self::WIDTH, $this->y);
        $this->space(1.2);
    }

    public function space(float $millimetres): void
    {
        $this->y += $millimetres * $this->scale;
    }

    public function print(): string
    {
        return $this->pdf->Output('paper.pdf', 'S');
    }

    private function turn(float $points, string $weight): void
    {
        $this->pdf->AddPage();
        $this->y = 14.0;
        $this->pdf->setFont(self::FONT, $weight, $points);
    }
}

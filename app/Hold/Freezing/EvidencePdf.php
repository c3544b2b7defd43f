<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Contract\Fields;
use App\Kitchen\Format\Sheet;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;

/**
 * The evidence of a freezing run on one page, black on white: curve, rules, what was in it with its lots, who did it.
 *
 * It draws what the run's page shows: the figures are those of the same answer.
 */
final readonly class EvidencePdf
{
    private const FONT = 'dejavusanscondensed';

    private const LEFT = 15.0;

    private const WIDTH = 180.0;

    /** What stands at the left of the curve, mm. */
    private const DEGREES = 11.0;

    /** The curve, mm from the top and its height; room for the hours below. */
    private const TOP = 52.0;

    private const HEIGHT = 74.0;

    /** Temperatures it is drawn between, °C. */
    private const COLDEST = -45.0;

    private const WARMEST = 15.0;

    /** Things that fit the page; the rest is counted. */
    private const MOST = 24;

    /** @param  Answer  $run  as the page shows it */
    public static function of(array $run): string
    {
        $page = new self(new Fields($run), new Sheet());
        $page->draw();

        return $page->pdf->Output('evidence.pdf', 'S');
    }

    private function __construct(private Fields $run, private Sheet $pdf)
    {
    }

    private function draw(): void
    {
        $settings = Settings::load();
        $this->pdf->setTitle("Freezing record {$this->run->int('number')}");
        $this->pdf->setAutoPageBreak(false);
        $this->pdf->AddPage();
        $this->line(14, 18, 'B', "Freezing record {$this->run->int('number')}");
        $this->line(23, 10, '', $settings->onPaper());
        $this->line(
            30,
            10,
            '',
            "{$this->run->string('place')}. In at {$this->run->string('loaded')}, by {$this->run->string('by')}. ".
                ($this->run->has('ended')
                    ? "Record ended {$this->run->string('ended')}."
                    : 'Record still open.'),
        );
        $this->line(
            36,
            9,
            '',
            "Accuracy {$this->run->string('accuracy')} °C is added to every reading; a silence of more than ".
                "{$this->run->int('max_gap')} min breaks a stretch. ".
                ($this->run->bool('core_probe')
                    ? 'The core probe was in the thickest of the largest fish.'
                    : 'No probe was in the core.'),
        );
        if ($this->run->has('solid')) {
            $solid = $this->run->fields('solid');
            $this->line(41, 9, '', "Said to be frozen solid at {$solid->string('at')}, by {$solid->string('by')}.");
        }
        $this->curves();
        $y = $this->rules(self::TOP + self::HEIGHT + 14);
        $this->things($y + 4);
        $this->line(282, 8, '', $this->run->string('check'));
    }

    private function curves(): void
    {
        $minutes = $this->run->number('minutes');
        $this->pdf->setLineStyle(['width' => 0.2, 'color' => [120, 120, 120]]);
        $this->pdf->Rect($this->x(0), self::TOP, self::WIDTH - self::DEGREES, self::HEIGHT);
        foreach ([0, -10, -20, -30, -35, -40] as $celsius) {
            $y = $this->y($celsius);
            $this->pdf->setLineStyle(['width' => 0.1, 'color' => [170, 170, 170], 'dash' => '1,1']);
            $this->pdf->Line($this->x(0), $y, self::LEFT + self::WIDTH, $y);
            $this->text(self::LEFT, $y - 2, 7, str_replace('-', '−', "{$celsius}").' °C', self::DEGREES);
        }
        $hours = max(1.0, $minutes / 60);
        $step = (int) max(1, ceil($hours / 12));
        for ($hour = 0; $hour <= $hours; $hour += $step) {
            $this->text($this->x(60.0 * $hour) - 4, self::TOP + self::HEIGHT + 1, 7, "{$hour} h", 9);
        }
        foreach (['air' => 0.25, 'core' => 0.6] as $probe => $width) {
            $this->pdf->setLineStyle(['width' => $width, 'color' => [0, 0, 0], 'dash' => 0]);
            $before = null;
            foreach ($this->run->list($probe) as $point) {
                $here = [$this->x($point->number('minute')), $this->y($point->number('celsius'))];
                if ($before !== null && ! $point->bool('breaks')) {
                    $this->pdf->Line($before[0], $before[1], $here[0], $here[1]);
                }
                $before = $here;
            }
        }
        $this->text(self::LEFT + 130, self::TOP + 2, 8, 'thin: air   thick: core', 48);
    }

    private function rules(float $y): float
    {
        foreach ($this->run->list('rules') as $rule) {
            $this->text(self::LEFT, $y, 10, $rule->string('text'), self::WIDTH, 'B');
            $said = $rule->bool('met')
                ? 'Meets it, after '.Words::span($rule->number('met_minute')).'.'
                : "Does not meet it: {$rule->fields('missing')->string('say')}";
            $this->text(
                self::LEFT,
                $y + 5,
                9,
                "{$said} Longest stretch {$rule->string('longest')} of {$rule->string('needed')}.",
                self::WIDTH,
            );
            $y += 11.5;
        }

        return $y;
    }

    private function things(float $y): void
    {
        $items = $this->run->list('items');
        $this->text(self::LEFT, $y, 10, 'What was in it', self::WIDTH, 'B');
        foreach (array_slice($items, 0, self::MOST) as $item) {
            $y += 5;
            $out = $item->has('out') ? $item->fields('out') : null;
            $this->text(
                self::LEFT,
                $y,
                8.5,
                "{$item->string('name')}; lot ".implode(', ', $item->strings('lots')).
                    "; in {$item->string('since')}".
                    ($out === null ? '' : ", out {$out->string('at')} ({$out->string('why')})").
                    '. '.
                    ($item->has('rule') ? "Meets {$item->string('rule')}." : 'Meets none of the rules asked.'),
                self::WIDTH,
            );
        }
        if (count($items) > self::MOST) {
            $this->text(self::LEFT, $y + 5, 8.5, 'and '.(count($items) - self::MOST).' more', self::WIDTH);
        }
    }

    private function x(float $minute): float
    {
        $share = min(1.0, $minute / max(1.0, $this->run->number('minutes')));

        return self::LEFT + self::DEGREES + (self::WIDTH - self::DEGREES) * $share;
    }

    private function y(float $celsius): float
    {
        $share = (self::WARMEST - max(self::COLDEST, min(self::WARMEST, $celsius))) / (self::WARMEST - self::COLDEST);

        return self::TOP + self::HEIGHT * $share;
    }

    private function line(float $y, float $points, string $weight, string $text): void
    {
        $this->text(self::LEFT, $y, $points, $text, self::WIDTH, $weight);
    }

    /** One line that is made smaller rather than cut off. */
    private function text(float $x, float $y, float $points, string $text, float $width, string $weight = ''): void
    {
        $this->pdf->setFont(self::FONT, $weight, $points);
        $this->pdf->setXY($x, $y);
        $this->pdf->Cell($width, $points * 0.45, $text, 0, 0, 'L', false, '', 1);
    }
}

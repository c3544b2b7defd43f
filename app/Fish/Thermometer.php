<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Measure\Temperature;

/** A temperature as the page sends it: off the probe, or typed. */
final readonly class Thermometer
{
    /** @param  'probe'|'typed'  $measured */
    private function __construct(public Temperature $shown, public string $measured)
    {
    }

    /** @throws Fault at the field when it is neither, or both */
    public static function read(Fields $given, string $pointer = '/temperature'): self
    {
        $probe = $given->maybeInt('probe');
        $typed = $given->maybeString('typed');
        ($probe === null) !== ($typed === null) ||
            throw Fault::inField($pointer, 'Take it from the probe, or type it.');

        return $probe === null
            ? new self(Fault::at($pointer, fn (): Temperature => Temperature::parse((string) $typed)), 'typed')
            : new self(Temperature::ofCelsius($probe / 10), 'probe');
    }
}

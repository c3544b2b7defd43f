<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Contract\ContractRequest;

final class StepRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'step';
    }
}

<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Contract\ContractRequest;

final class MethodChoiceRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'method-choice';
    }
}

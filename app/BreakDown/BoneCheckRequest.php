<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Contract\ContractRequest;

final class BoneCheckRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'bone-check';
    }
}

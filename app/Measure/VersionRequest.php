<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\ContractRequest;

final class VersionRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'version';
    }
}

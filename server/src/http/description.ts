import type { INestApplication } from '@nestjs/common'
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger'
import { openApiSchemas } from '@nimble-anchor/core/formats'

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>

/** The whole API as OpenAPI, with the shapes of core. */
function described(app: INestApplication): OpenAPIObject {
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder().setTitle('Nimble Anchor').setVersion('1').setOpenAPIVersion('3.1.0').build(),
  )
  document.components = {
    ...document.components,
    schemas: { ...document.components?.schemas, ...(openApiSchemas() as Schemas) },
  }
  return document
}

/** Offers the description of the API, to read and as JSON. */
export function offerDescription(app: INestApplication): void {
  // Worked out when somebody first reads it: a start does not wait for what hardly anybody asks for.
  SwaggerModule.setup('api/docs', app, () => described(app), {
    jsonDocumentUrl: 'api/docs-json',
    customSiteTitle: 'Nimble Anchor: the API',
    customfavIcon: '/icon.svg',
    customCss: '.swagger-ui .topbar { display: none }',
  })
}

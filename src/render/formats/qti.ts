import { XMLBuilder } from "fast-xml-parser";
import { strToU8, zipSync } from "fflate";
import { fileRows, type SheetOut } from "./sheetFile";

const ITEM = "http://www.imsglobal.org/xsd/imsqti_v2p2";
const PACKAGE = "http://www.imsglobal.org/xsd/imscp_v1p1";
const MAPPED = "http://www.imsglobal.org/question/qti_v2p2/rptemplates/map_response";

/** When the files of a package were written, as far as the package says: always the same, so that the same sheet is the same file. */
const WRITTEN = new Date("2026-01-01T00:00:00Z");

const builder = new XMLBuilder({
  ignoreAttributes: false,
  attributeNamePrefix: "@",
  format: true,
  suppressEmptyNode: true,
  suppressBooleanAttributes: false,
});

/** What XML can't hold, not even escaped (https://www.w3.org/TR/xml/#charsets), and what else steers a machine. */
const NOT_IN_XML = /[\p{Cs}\ufffe\uffff]|(?![\t\n\r])\p{Cc}/gu;

const xml = (content: object): string =>
  `<?xml version="1.0" encoding="UTF-8"?>\n${builder.build(content).replace(NOT_IN_XML, "")}`;

/** A sheet as items with text entry, by the open standard QTI 2.2: each file of the package by its name. */
export function qtiFiles(sheet: SheetOut): Readonly<Record<string, string>> {
  const rows = fileRows(sheet);
  const items = rows.map((row, nth) => ({ ...row, id: `item${nth + 1}`, file: `items/item${nth + 1}.xml` }));
  return {
    "imsmanifest.xml": xml({
      manifest: {
        "@xmlns": PACKAGE,
        "@identifier": "sheet",
        metadata: { schema: "QTIv2.2 Package", schemaversion: "1.0.0" },
        organizations: "",
        resources: {
          resource: [
            {
              "@identifier": "test",
              "@type": "imsqti_test_xmlv2p2",
              "@href": "test.xml",
              file: { "@href": "test.xml" },
              dependency: items.map(({ id }) => ({ "@identifierref": id })),
            },
            ...items.map(({ id, file }) => ({
              "@identifier": id,
              "@type": "imsqti_item_xmlv2p2",
              "@href": file,
              file: { "@href": file },
            })),
          ],
        },
      },
    }),
    "test.xml": xml({
      assessmentTest: {
        "@xmlns": ITEM,
        "@identifier": "test",
        "@title": sheet.name,
        testPart: {
          "@identifier": "part",
          "@navigationMode": "nonlinear",
          "@submissionMode": "individual",
          assessmentSection: {
            "@identifier": "section",
            "@title": sheet.name,
            "@visible": "true",
            assessmentItemRef: items.map(({ id, file }) => ({ "@identifier": id, "@href": file })),
          },
        },
      },
    }),
    ...Object.fromEntries(
      items.map(({ id, file, problem, answer, story }) => [
        file,
        xml({
          assessmentItem: {
            "@xmlns": ITEM,
            "@identifier": id,
            "@title": problem,
            "@adaptive": "false",
            "@timeDependent": "false",
            responseDeclaration: {
              "@identifier": "RESPONSE",
              "@cardinality": "single",
              "@baseType": "string",
              correctResponse: { value: answer },
              mapping: {
                "@defaultValue": "0",
                mapEntry: { "@mapKey": answer, "@mappedValue": "1", "@caseSensitive": "false" },
              },
            },
            outcomeDeclaration: { "@identifier": "SCORE", "@cardinality": "single", "@baseType": "float" },
            itemBody: {
              p: story ?? problem,
              div: {
                textEntryInteraction: {
                  "@responseIdentifier": "RESPONSE",
                  "@expectedLength": String(Math.max(4, answer.length + 2)),
                },
              },
            },
            responseProcessing: { "@template": MAPPED },
          },
        }),
      ]),
    ),
  };
}

/** The package as one file. */
export const sheetQti = (sheet: SheetOut): Uint8Array =>
  zipSync(Object.fromEntries(Object.entries(qtiFiles(sheet)).map(([name, text]) => [name, strToU8(text)])), {
    mtime: WRITTEN,
  });
